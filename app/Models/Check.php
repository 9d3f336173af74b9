<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * One seat, one child, one place in one car.
 *
 * @property string $id
 * @property int $visit_id
 * @property string $letter
 * @property int|null $seat_model_id
 * @property CarbonImmutable|null $signed_at
 * @property int|null $signed_by
 * @property string|null $rulebook
 * @property array<string, mixed>|null $assessment
 * @property Visit $visit
 * @property SeatModel|null $seatModel
 * @property Collection<int, Fact> $facts
 */
final class Check extends Model
{
    protected $fillable = ['id', 'visit_id', 'letter', 'seat_model_id', 'signed_at', 'signed_by', 'rulebook', 'assessment'];

    public $incrementing = false;

    protected $keyType = 'string';

    /** @return BelongsTo<Visit, $this> */
    public function visit(): BelongsTo
    {
        return $this->belongsTo(Visit::class);
    }

    /** @return BelongsTo<SeatModel, $this> */
    public function seatModel(): BelongsTo
    {
        return $this->belongsTo(SeatModel::class);
    }

    /** @return HasMany<Fact, $this> in the order in which they came */
    public function facts(): HasMany
    {
        return $this->hasMany(Fact::class)->orderBy('seq');
    }

    protected function casts(): array
    {
        return [
            'signed_at' => 'immutable_datetime',
            'assessment' => 'array',
        ];
    }
}
