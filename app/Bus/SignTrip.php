<?php

declare(strict_types=1);

namespace App\Bus;

use App\Checks\UnreadableAnswer;
use App\Models\BusTrip;
use Psr\Clock\ClockInterface;

/** Signs a list that was looked through: the bus may set off. */
final readonly class SignTrip
{
    public function __construct(private ClockInterface $clock) {}

    /** @throws UnreadableAnswer while something is open, or the way out is not free */
    public function __invoke(BusTrip $trip, string $initials): void
    {
        OpenTrip::write($trip, function (BusTrip $trip) use ($initials): void {
            if (! $trip->record()->maySetOff()) {
                throw UnreadableAnswer::because('trip.open');
            }
            $trip->update(['signed_with' => $initials, 'signed_at' => $this->clock->now()]);
        });
    }
}
