<?php

declare(strict_types=1);

namespace MintBuckle\Core\Capacity;

use MintBuckle\Core\Drill\Dice;
use SplMinHeap;

/**
 * The same line played event by event: arrivals and service times are thrown, whoever came first goes to whoever is free first. After
 * a beginning that is not counted, batches of families are; what differs between them says how sure the figures are.
 */
final readonly class LineSimulation
{
    /** Fractions that are thrown: as fine as a float holds. */
    private const FINE = 1 << 53;

    private const P90 = 0.9;

    /** A batch knows little of the one before when it is much longer than the line takes to forget, which goes by one over (1 − load)². */
    private const FORGETS = 40;

    public const SHORTEST = 4000;

    private const LONGEST = 20_000;

    private function __construct(public Estimate $waitProbability, public Estimate $meanWaitMinutes, public Estimate $p90WaitMinutes) {}

    /**
     * @param int $shortest families a batch at least; fewer are faster, and less sure where hardly anybody waits
     * @return self|null null where the line never settles
     */
    public static function of(WaitingLine $line, Dice $dice, int $shortest = self::SHORTEST): ?self
    {
        if (! $line->isSettled()) {
            return null;
        }
        $spare = 1.0 - $line->offered()->toFloat() / $line->technicians;
        $length = (int) min(self::LONGEST, max($shortest, self::FORGETS / $spare ** 2));
        $waits = self::waits($line, $dice, $length);
        [$shares, $means, $p90s] = [[], [], []];
        for ($batch = 1; $batch <= Estimate::BATCHES; $batch++) {
            $some = array_slice($waits, $batch * $length, $length);
            sort($some);
            $shares[] = count(array_filter($some, static fn(float $wait): bool => $wait > 0.0)) / $length;
            $means[] = array_sum($some) / $length;
            $p90s[] = $some[(int) (self::P90 * ($length - 1))];
        }

        return new self(Estimate::of($shares), Estimate::of($means), Estimate::of($p90s));
    }

    /** @return list<float> in minutes, one for each who came, in order; a batch more than is counted */
    private static function waits(WaitingLine $line, Dice $dice, int $length): array
    {
        [$arrivals, $minutes] = $line->rates();
        $count = $length * (Estimate::BATCHES + 1);
        if ($arrivals <= 0.0) {
            return array_fill(0, $count, 0.0);
        }
        /** @var SplMinHeap<float> $free when each technician is */
        $free = new SplMinHeap();
        array_map($free->insert(...), array_fill(0, $line->technicians, 0.0));
        [$now, $waits] = [0.0, []];
        for ($n = 0; $n < $count; $n++) {
            $now += self::thrown($dice, 60.0 / $arrivals);
            $begins = max($now, $free->extract());
            $free->insert($begins + self::thrown($dice, $minutes));
            $waits[] = $begins - $now;
        }

        return $waits;
    }

    /** A time of that mean whose end is as likely at every moment. */
    private static function thrown(Dice $dice, float $mean): float
    {
        return -$mean * log(($dice->below(self::FINE) + 1) / self::FINE);
    }
}
