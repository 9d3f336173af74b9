<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A checkup event with the values it works by.
 *
 * @property int $id
 * @property string $name
 * @property string $place
 * @property CarbonImmutable $held_on
 * @property string $practice
 * @property string $crash_policy
 * @property bool $second_signer
 * @property array<string, mixed> $law
 * @property int|null $recall_list_id
 * @property string $timezone
 * @property RecallList|null $recallList
 * @property Collection<int, Visit> $visits
 */
final class Day extends Model
{
    protected $fillable = ['name', 'place', 'held_on', 'practice', 'crash_policy', 'second_signer', 'law', 'recall_list_id', 'timezone'];

    /** @return BelongsTo<RecallList, $this> */
    public function recallList(): BelongsTo
    {
        return $this->belongsTo(RecallList::class);
    }

    /** @return HasMany<Visit, $this> */
    public function visits(): HasMany
    {
        return $this->hasMany(Visit::class);
    }

    /** A moment as the event's clock shows it: 14:05. */
    public function clock(CarbonImmutable $moment, string $format = 'H:i'): string
    {
        return $moment->setTimezone($this->timezone)->format($format);
    }

    /** The day that is worked on: the latest there is. */
    public static function current(): self
    {
        return self::query()->orderByDesc('held_on')->orderByDesc('id')->firstOrFail();
    }

    protected function casts(): array
    {
        return [
            'held_on' => 'immutable_date',
            'second_signer' => 'boolean',
            'law' => 'array',
        ];
    }
}
