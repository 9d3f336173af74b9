<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

use InvalidArgumentException;

/**
 * Times that can be booked: one after another from opening to closing, each as long as a seat takes. A family with several seats keeps one
 * technician for as many slots on end; a share of the technicians stays free for those who just come.
 */
final readonly class Slots
{
    private const MINUTES_A_DAY = 1440;

    private const PERCENT = 100;

    /** @param list<int> $starts minutes of the day */
    private function __construct(public array $starts, public int $length, public int $families) {}

    /**
     * @param int $opens minute of the day, like $closes
     * @param int $length minutes a seat
     * @param int $walkInShare percent of the technicians who stay free for those who have not booked
     * @throws InvalidArgumentException when it closes before it opens, or nothing takes any time
     */
    public static function of(int $opens, int $closes, int $length, int $technicians, int $walkInShare): self
    {
        $isDay = $opens >= 0 && $closes > $opens && $closes <= self::MINUTES_A_DAY && $length >= 1;
        if (! $isDay || $walkInShare < 0 || $walkInShare > self::PERCENT) {
            throw new InvalidArgumentException('no day of slots');
        }
        $last = $closes - $length;

        return new self(
            $last < $opens ? [] : range($opens, $last, $length),
            $length,
            // Whoever is left over stays free.
            intdiv(max(0, $technicians) * (self::PERCENT - $walkInShare), self::PERCENT),
        );
    }

    /**
     * @param list<array{start: int, seats: int}> $booked
     * @return array<int, int> how many families more can come, by start; below none where more were booked than there are places for
     */
    public function free(array $booked): array
    {
        $free = array_fill_keys($this->starts, $this->families);
        foreach ($booked as $booking) {
            foreach ($this->kept($booking['start'], $booking['seats']) as $start) {
                if (isset($free[$start])) {
                    $free[$start]--;
                }
            }
        }

        return $free;
    }

    /** @param list<array{start: int, seats: int}> $booked */
    public function fits(array $booked, int $start, int $seats): bool
    {
        $free = $this->free($booked);
        foreach ($this->kept($start, $seats) as $kept) {
            if (($free[$kept] ?? 0) < 1) {
                return false;
            }
        }

        return true;
    }

    /** @return list<int> starts of the slots that a family keeps a technician for */
    private function kept(int $start, int $seats): array
    {
        return range($start, $start + $this->length * (max(1, $seats) - 1), $this->length);
    }
}
