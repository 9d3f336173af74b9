<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** What it costs to seat a row: how far each stop is spread, and who boards before somebody who sits behind. */
final readonly class StopCost
{
    private const BITS = 24;

    /** @var array<int, int> stop => riders */
    public array $stops;

    /** @var array<int, array<int, int>> row => stop => riders without a system who are kept there */
    private array $kept;

    /** @var list<int> row's number => seats */
    private array $seats;

    /** @param list<Crowd> $crowds */
    public function __construct(BusRequest $request, BusLayout $layout, Company $company, private array $crowds)
    {
        $stops = $kept = $seats = [];
        foreach ($request->riders as $rider) {
            if ($rider->stop !== null) {
                $stops[$rider->stop] = ($stops[$rider->stop] ?? 0) + 1;
            }
        }
        ksort($stops);
        foreach ($layout->rows as $benches) {
            $seats[] = array_sum(array_map(static fn(int $bench): int => $layout->benches[$bench]->places, $benches));
        }
        foreach ($company->kept as $bench => $riders) {
            $row = $layout->benches[$bench]->row;
            foreach ($riders as $rider) {
                $stop = $request->riders[$rider]->stop;
                if ($stop !== null) {
                    $kept[$row][$stop] = ($kept[$row][$stop] ?? 0) + 1;
                }
            }
        }
        $this->stops = $stops;
        $this->kept = $kept;
        $this->seats = $seats;
    }

    /**
     * @param array<int, int> $picks
     * @param list<int> $rows
     */
    public function after(Seated $seated, RowChoice $choice, array $picks, array $rows, int $number): Seated
    {
        $here = $this->kept[$rows[$number]] ?? [];
        $left = $seated->left;
        foreach ($picks as $index => $count) {
            $left[$index] -= $count;
            $stop = $this->crowds[$index]->stop;
            if ($stop !== null) {
                $here[$stop] = ($here[$stop] ?? 0) + $count;
            }
        }
        $pairs = $later = $span = 0;
        $placed = $seated->placed;
        $step = ($rows[$number + 1] ?? $rows[$number]) - $rows[$number];
        // The last to board come first: whoever of them still waits will sit behind those of this row, who board earlier.
        foreach (array_reverse($this->stops, true) as $stop => $riders) {
            $placed[$stop] += $here[$stop] ?? 0;
            $pairs += ($here[$stop] ?? 0) * $later;
            $later += $riders - $placed[$stop];
            $span += $placed[$stop] > 0 && $placed[$stop] < $riders ? $step : 0;
        }

        $cost = $seated->cost + ($span << self::BITS) + $pairs;

        return new Seated($cost, $this->atLeast($placed, $rows, $number + 1), $left, $placed, $seated, $choice, $picks);
    }

    /**
     * What the stops that have begun must still cost: those for whose riders a row has no seats go on to the next.
     *
     * @param array<int, int> $placed
     * @param list<int> $rows
     */
    private function atLeast(array $placed, array $rows, int $number): int
    {
        $begun = [];
        foreach ($this->stops as $stop => $riders) {
            if ($placed[$stop] > 0 && $placed[$stop] < $riders) {
                $begun[] = $riders - $placed[$stop];
            }
        }
        sort($begun);
        $least = $seats = 0;
        for ($n = $number; $begun !== [] && $n < count($rows) - 1; $n++) {
            $seats += $this->seats[$n];
            $taken = 0;
            $ended = 0;
            foreach ($begun as $waiting) {
                $taken += $waiting;
                $ended += (int) ($taken <= $seats);
            }
            if ($ended === count($begun)) {
                break;
            }
            $least += (count($begun) - $ended) * ($rows[$n + 1] - $rows[$n]);
        }

        return $least << self::BITS;
    }
}
