<?php

declare(strict_types=1);

/** Median of 60 rounds of 20 calls, after a warm-up, in microseconds a call. */
function medianMicroseconds(callable $work): float
{
    return mediansInTurn($work)[0];
}

/**
 * The same of several works, a round of each in turn, so that the machine's mood hits all of them alike.
 *
 * @return list<float>
 */
function mediansInTurn(callable ...$works): array
{
    $rounds = array_fill(0, count($works), []);
    for ($round = 0; $round < 70; $round++) {
        foreach (array_values($works) as $index => $work) {
            $start = hrtime(true);
            for ($i = 0; $i < 20; $i++) {
                $work();
            }
            $rounds[$index][] = (hrtime(true) - $start) / 20 / 1000;
        }
    }

    return array_map(static function (array $of): float {
        $of = array_slice($of, 10);
        sort($of);

        return $of[intdiv(count($of), 2)];
    }, $rounds);
}
