<?php

declare(strict_types=1);

namespace App\Models;

use App\Events\EventAtHand;
use App\Events\EventState;
use Carbon\CarbonImmutable;
use DateTimeInterface;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;
use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Telling\Message;

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
 * @property int|null $practice_copy_id the organisation's own figures; null: the practice's
 * @property string $timezone
 * @property string|null $opens_at as the clock at the place shows it, 09:00:00; null: not said yet
 * @property string|null $closes_at
 * @property int $bays
 * @property int $minutes_per_seat that are planned with
 * @property int|null $expected_seats
 * @property int $walk_in_share percent of the technicians who stay free for those who have not booked
 * @property array<string, string> $law_sources where each figure of the law is from, by its column
 * @property CarbonImmutable|null $opened_at
 * @property CarbonImmutable|null $closed_at
 * @property CarbonImmutable|null $handed_on_at when its figures were made that leave the organisation; they stay as they were then
 * @property int|null $handed_on_order among those of its practice
 * @property RecallList|null $recallList
 * @property PracticeCopy|null $practiceCopy
 * @property Collection<int, Visit> $visits
 * @property Collection<int, User> $crew who works there
 */
final class CheckupEvent extends Model
{
    protected $fillable = [
        'name', 'place', 'held_on', 'practice', 'crash_policy', 'second_signer', 'practice_copy_id', 'recall_list_id', 'timezone',
        'law_rear_facing_until_months', 'law_rear_facing_until_weight', 'law_rear_facing_until_unit',
        'law_booster_from_months', 'law_booster_until_months', 'law_back_row_until_months', 'opens_at', 'closes_at', 'bays',
        'minutes_per_seat', 'expected_seats', 'walk_in_share', 'law_sources', 'opened_at', 'closed_at', 'handed_on_at',
        'handed_on_order',
    ];

    /** The organisation's own figures, by which the event works; null: those of the practice. */
    public function ownPractice(): ?RegionalPractice
    {
        if ($this->practice_copy_id === null) {
            return null;
        }
        $this->loadMissing('practiceCopy');

        return once(fn(): ?RegionalPractice => $this->practiceCopy?->practice());
    }

    /** @return BelongsTo<PracticeCopy, $this> */
    public function practiceCopy(): BelongsTo
    {
        return $this->belongsTo(PracticeCopy::class);
    }

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

    /** @return HasManyThrough<Check, Visit, $this> */
    public function checks(): HasManyThrough
    {
        return $this->hasManyThrough(Check::class, Visit::class);
    }

    /** @return BelongsToMany<User, $this> */
    public function crew(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'crew')->orderBy('name');
    }

    /** @return list<int> */
    public function crewIds(): array
    {
        return array_values(array_filter($this->crew()->pluck('users.id')->all(), is_int(...)));
    }

    public function state(): EventState
    {
        return match (true) {
            $this->opened_at === null => EventState::Planned,
            $this->closed_at === null => EventState::Open,
            default => EventState::Closed,
        };
    }

    /** From when to when, 09:00 to 13:00; null while nobody has said. */
    public function hours(): ?Message
    {
        return $this->opens_at === null ? null : new Message('events.hours', [
            'from' => self::short($this->opens_at),
            'to' => self::short($this->closes_at),
        ]);
    }

    /** 09:00 of 09:00:00. */
    public static function short(?string $time): string
    {
        return substr((string) $time, 0, 5);
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

    /** The event that is worked at. */
    public static function current(): self
    {
        return EventAtHand::find();
    }

    protected function casts(): array
    {
        return [
            'held_on' => 'immutable_date',
            'second_signer' => 'boolean',
            'law_sources' => 'array',
            'opened_at' => 'immutable_datetime',
            'closed_at' => 'immutable_datetime',
            'handed_on_at' => 'immutable_datetime',
        ];
    }
}
