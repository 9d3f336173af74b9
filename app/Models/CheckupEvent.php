<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use MintBuckle\Core\Calendar\CalendarDate;

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
 * @property int|null $law_rear_facing_until_months
 * @property string|null $law_rear_facing_until_weight
 * @property string|null $law_rear_facing_until_unit
 * @property int|null $law_booster_from_months
 * @property int|null $law_booster_until_months
 * @property int|null $law_back_row_until_months
 * @property int|null $recall_list_id
 * @property string $timezone
 * @property RecallList|null $recallList
 * @property Collection<int, Visit> $visits
 */
final class CheckupEvent extends Model
{
    protected $fillable = [
        'name', 'place', 'held_on', 'practice', 'crash_policy', 'second_signer', 'recall_list_id', 'timezone',
        'law_rear_facing_until_months', 'law_rear_facing_until_weight', 'law_rear_facing_until_unit',
        'law_booster_from_months', 'law_booster_until_months', 'law_back_row_until_months',
    ];

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

    /** The day it is where the event is held. */
    public function dayOf(DateTimeInterface $moment): CalendarDate
    {
        return CalendarDate::parse($this->clock(CarbonImmutable::instance($moment), 'Y-m-d'));
    }

    /** @return array<string, mixed> the law's floors in the case format's shape */
    public function law(): array
    {
        return array_filter([
            'rear_facing_until_months' => $this->law_rear_facing_until_months,
            'rear_facing_until_weight' => $this->law_rear_facing_until_weight === null
                ? null
                : (object) ['value' => (float) $this->law_rear_facing_until_weight, 'unit' => $this->law_rear_facing_until_unit],
            'booster_from_months' => $this->law_booster_from_months,
            'booster_until_months' => $this->law_booster_until_months,
            'back_row_until_months' => $this->law_back_row_until_months,
        ], static fn(mixed $figure): bool => $figure !== null);
    }

    /** The event that is worked on: the latest there is. */
    public static function current(): self
    {
        return self::query()->orderByDesc('held_on')->orderByDesc('id')->firstOrFail();
    }

    protected function casts(): array
    {
        return [
            'held_on' => 'immutable_date',
            'second_signer' => 'boolean',
        ];
    }
}
