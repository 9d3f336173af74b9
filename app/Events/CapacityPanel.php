<?php

declare(strict_types=1);

namespace App\Events;

use App\Practice\SeededDice;
use Brick\Math\BigRational;
use InvalidArgumentException;
use MintBuckle\Core\Capacity\LineSimulation;
use MintBuckle\Core\Capacity\WaitingLine;
use MintBuckle\Core\Crew\CrewSize;
use MintBuckle\Present\Drawing\WaitCurve;

/** What a plan means for those who wait: by the model, and played as a simulation beside it. */
final readonly class CapacityPanel
{
    /** The same plan is played the same. */
    private const SEED = 1;

    /** Families a batch: fewer than on the command line, since somebody types meanwhile. */
    private const BATCH = 400;

    private const MINUTES_AN_HOUR = 60;

    private function __construct(
        public int $technicians,
        public int $seniors,
        public int $openMinutes,
        public int $seats,
        public WaitingLine $line,
        public ?LineSimulation $played,
        public WaitCurve $curve,
    ) {}

    /**
     * @param int $technicians who look at seats; nobody is told as one
     * @param int $seats that are expected
     * @return self|null null where hours or seats are not said, or are none that a checkup event could have
     */
    public static function of(int $technicians, int $seniors, int $openMinutes, int $seats, int $minutesASeat): ?self
    {
        if ($openMinutes < 1 || $seats < 1 || $minutesASeat < 1) {
            return null;
        }
        try {
            $line = WaitingLine::of(
                BigRational::of($seats)->multipliedBy(self::MINUTES_AN_HOUR)->dividedBy($openMinutes),
                $minutesASeat,
                max(1, $technicians),
            );
        } catch (InvalidArgumentException) {
            return null;
        }
        $played = LineSimulation::of($line, new SeededDice(self::SEED), self::BATCH);

        return new self($technicians, $seniors, $openMinutes, $seats, $line, $played, WaitCurve::of($line, $played));
    }

    /** Seats that can be looked at while it is open. */
    public function canBeSeen(int $minutesASeat): int
    {
        return CrewSize::seats($this->technicians, $this->openMinutes, $minutesASeat);
    }

    public function needed(): int
    {
        return $this->line->techniciansFor();
    }

    public function seniorsNeeded(): int
    {
        return CrewSize::seniors($this->technicians);
    }

    public function meanWait(): ?int
    {
        $minutes = $this->line->meanWaitMinutes();

        return $minutes === null ? null : (int) round($minutes);
    }

    /** @return array{low: int, high: int} minutes between what the mean wait lies in the simulation */
    public function between(): array
    {
        $mean = $this->played?->meanWaitMinutes;

        return ['low' => (int) round($mean->low ?? 0), 'high' => (int) round($mean->high ?? 0)];
    }

    public function p90(): ?int
    {
        $minutes = $this->line->p90WaitMinutes();

        return $minutes === null ? null : (int) ceil($minutes);
    }
}
