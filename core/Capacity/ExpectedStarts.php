<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

use SplMinHeap;

/** When each waiting family is expected to be called: whoever came first goes to the bay and technician that are free first. */
final readonly class ExpectedStarts
{
    /** A family that takes longer than expected goes on for at least so much of a seat's time. */
    private const AT_LEAST = 0.25;

    /**
     * @param list<array{minutes: float, seats: int}> $inBays families that are worked on: since when, and with how many seats
     * @param list<int> $waiting seats of each family, in the order in which they are called
     * @param int $places bays with a technician, those in use counted
     * @return list<float> minutes from now
     */
    public static function of(array $inBays, array $waiting, int $places, Pace $pace): array
    {
        /** @var SplMinHeap<float> $free */
        $free = new SplMinHeap();
        foreach ($inBays as $family) {
            $free->insert(max($pace->minutes($family['seats']) - $family['minutes'], $pace->minutesASeat * self::AT_LEAST));
        }
        for ($idle = count($inBays); $idle < max(1, $places); $idle++) {
            $free->insert(0.0);
        }
        $starts = [];
        foreach ($waiting as $seats) {
            $start = $free->extract();
            $starts[] = $start;
            $free->insert($start + $pace->minutes(max(1, $seats)));
        }

        return $starts;
    }
}
