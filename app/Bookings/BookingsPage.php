<?php

declare(strict_types=1);

namespace App\Bookings;

use App\Models\Booking;
use App\Models\CheckupEvent;
use Illuminate\Database\Eloquent\Collection;

/** Who comes to an event and when, and where there is still room. */
final readonly class BookingsPage
{
    /** @var array<string, array{free: int, bookings: list<Booking>}> by time */
    public array $times;

    /** @param array<string, string> $languages each language's own name for itself */
    public function __construct(public CheckupEvent $event, public ?EventSlots $slots, public array $languages)
    {
        $times = array_map(static fn(int $free): array => ['free' => $free, 'bookings' => []], $slots?->free() ?? []);
        foreach ($slots->bookings ?? new Collection() as $booking) {
            $times[$booking->time()] ??= ['free' => 0, 'bookings' => []];
            $times[$booking->time()]['bookings'][] = $booking;
        }
        ksort($times);
        $this->times = $times;
    }

    public function count(): int
    {
        return $this->slots?->bookings->count() ?? 0;
    }

    /** @return list<string> times that still have room */
    public function open(): array
    {
        return array_keys(array_filter($this->times, static fn(array $time): bool => $time['free'] > 0));
    }

    /** How many would be told when all are reminded. */
    public function toRemind(): int
    {
        return $this->slots?->bookings->filter(
            static fn(Booking $one): bool => $one->isExpected() && $one->reminded_at === null && $one->family?->contact !== null,
        )->count() ?? 0;
    }
}
