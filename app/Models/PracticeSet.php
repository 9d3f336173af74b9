<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * Drills that an instructor gives a class: everybody who has the link gets the same ones.
 *
 * @property string $id
 * @property string $title
 * @property list<array{seed: int, level: int, fixed: string|null, code: string|null, case?: string, good?: string}> $items
 * @property int|null $together which of them everybody answers now, from 0; null: each at their own pace
 * @property int $made_by
 * @property CarbonImmutable $made_at
 * @property Collection<int, PracticeAttempt> $attempts
 */
final class PracticeSet extends Model
{
    protected $fillable = ['id', 'title', 'items', 'together', 'made_by', 'made_at'];

    public $incrementing = false;

    public $timestamps = false;

    protected $keyType = 'string';

    /** @return HasMany<PracticeAttempt, $this> as they are listed: without the set-ups themselves */
    public function attempts(): HasMany
    {
        return $this->hasMany(PracticeAttempt::class)->select(PracticeAttempt::LISTED);
    }

    protected function casts(): array
    {
        return ['items' => 'array', 'made_at' => 'immutable_datetime'];
    }
}
