<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A parent's consent to the check: what they read, in which language, and how they agreed. Personal, and so encrypted and on its own.
 *
 * @property int $visit_id
 * @property string $language
 * @property string $wording as it was shown
 * @property string|null $name typed, where nobody signed on the glass
 * @property string|null $signature strokes on the glass, an SVG path in a box of 600 by 200
 * @property int $taken_by
 * @property CarbonImmutable $given_at
 * @property User $taker
 */
final class Consent extends Model
{
    protected $primaryKey = 'visit_id';

    public $incrementing = false;

    public $timestamps = false;

    protected $fillable = ['visit_id', 'language', 'wording', 'name', 'signature', 'taken_by', 'given_at'];

    /** @return BelongsTo<User, $this> */
    public function taker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'taken_by');
    }

    protected function casts(): array
    {
        return [
            'wording' => 'encrypted',
            'name' => 'encrypted',
            'signature' => 'encrypted',
            'given_at' => 'immutable_datetime',
        ];
    }
}
