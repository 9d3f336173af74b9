<?php

declare(strict_types=1);

/** Median of 60 rounds of 20 calls, after a warm-up, in microseconds a call. */
function medianMicroseconds(callable $work): float
{
    $rounds = [];
    for ($round = 0; $round < 70; $round++) {
        $start = hrtime(true);
        for ($i = 0; $i < 20; $i++) {
            $work();
        }
        $rounds[] = (hrtime(true) - $start) / 20 / 1000;
    }
    $rounds = array_slice($rounds, 10);
    sort($rounds);

    return $rounds[intdiv(count($rounds), 2)];
}
