<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * A family that has a time at an event.
 *
 * @property string $id made by the form
 * @property int $checkup_event_id
 * @property CarbonImmutable $starts_at
 * @property int $seats
 * @property string $language that the family reads
 * @property string|null $token of the family's own link, in short
 * @property CarbonImmutable|null $token_expires_at
 * @property CarbonImmutable|null $reminded_at
 * @property CarbonImmutable|null $cancelled_at
 * @property int|null $visit_id null until it arrives
 * @property int $made_by
 * @property CheckupEvent $event
 * @property BookedFamily|null $family
 */
final class Booking extends Model
{
    public $incrementing = false;

    protected $keyType = 'string';

    protected $fillable = [
        'id', 'checkup_event_id', 'starts_at', 'seats', 'language', 'token', 'token_expires_at', 'reminded_at', 'cancelled_at', 'visit_id',
        'made_by',
    ];

    /** @return BelongsTo<CheckupEvent, $this> */
    public function event(): BelongsTo
    {
        return $this->belongsTo(CheckupEvent::class, 'checkup_event_id');
    }

    /** @return HasOne<BookedFamily, $this> */
    public function family(): HasOne
    {
        return $this->hasOne(BookedFamily::class);
    }

    /** @return Builder<self> that hold, of an event, in the order of their times */
    public static function of(CheckupEvent $event): Builder
    {
        return self::query()->where('checkup_event_id', $event->id)->whereNull('cancelled_at')->orderBy('starts_at')->orderBy('id');
    }

    /** As the event's clock shows it, 10:30. */
    public function time(): string
    {
        return $this->event->clock($this->starts_at);
    }

    /** @return list<int> numbers of its children, from 0 */
    public function children(): array
    {
        return range(0, max(0, $this->seats - 1));
    }

    public function isExpected(): bool
    {
        return $this->cancelled_at === null && $this->visit_id === null;
    }

    protected function casts(): array
    {
        return [
            'starts_at' => 'immutable_datetime',
            'token_expires_at' => 'immutable_datetime',
            'reminded_at' => 'immutable_datetime',
            'cancelled_at' => 'immutable_datetime',
        ];
    }
}
