<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\CheckupEvent;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use InvalidArgumentException;
use MintBuckle\Core\Capacity\Slots;

/** The times of an event that can be booked, by its plan and crew, and who has booked them. */
final readonly class EventSlots
{
    /** @param Collection<int, Booking> $bookings that hold, by time */
    private function __construct(private CheckupEvent $event, public Slots $slots, public Collection $bookings) {}

    /** @return self|null null while opening hours are not said */
    public static function of(CheckupEvent $event): ?self
    {
        if ($event->opens_at === null || $event->closes_at === null) {
            return null;
        }
        try {
            $slots = Slots::of(
                self::minute($event->opens_at),
                self::minute($event->closes_at),
                $event->minutes_per_seat,
                min($event->bays, User::technicians($event->crew)),
                $event->walk_in_share,
            );
        } catch (InvalidArgumentException) {
            return null;
        }

        return new self($event, $slots, Booking::of($event)->with(['family', 'event'])->get());
    }

    /** @return array<string, int> how many families more can come, by time: 10:30 */
    public function free(): array
    {
        $free = [];
        foreach ($this->slots->free($this->booked()) as $minute => $families) {
            $free[self::clock($minute)] = $families;
        }

        return $free;
    }

    public function fits(string $time, int $seats): bool
    {
        return $this->has($time) && $this->slots->fits($this->booked(), self::minute($time), $seats);
    }

    /** Whether a time is one of those that there are, booked or not. */
    public function has(string $time): bool
    {
        return isset($this->free()[self::clock(self::minute($time))]);
    }

    public function moment(string $time): CarbonImmutable
    {
        return CarbonImmutable::parse("{$this->event->held_on->toDateString()} {$time}", $this->event->timezone)->utc();
    }

    /** @return list<array{start: int, seats: int}> */
    private function booked(): array
    {
        return array_values($this->bookings->map(static fn(Booking $booking): array => [
            'start' => self::minute($booking->time()),
            'seats' => $booking->seats,
        ])->all());
    }

    private static function minute(string $time): int
    {
        [$hour, $minute] = [...explode(':', $time), '0'];

        return (int) $hour * 60 + (int) $minute;
    }

    private static function clock(int $minute): string
    {
        return sprintf('%02d:%02d', intdiv($minute, 60), $minute % 60);
    }
}
