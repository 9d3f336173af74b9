<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Which riders may fill a row: so many of each party, and some of those without a system. */
final readonly class RowWays
{
    /** @param list<Crowd> $crowds */
    public function __construct(private array $crowds) {}

    /**
     * Every way to fill a row.
     *
     * @param array<int, int> $left
     * @param array<int, int> $uses party => riders of it in this row
     * @return array{list<array<int, int>>, int, bool} crowd => riders; how many were looked at, and whether not all were
     */
    public function ways(array $left, array $uses, int $least, int $most, int $mostWays): array
    {
        $ways = [[[], $uses, 0]];
        $later = $this->laterOf($left);
        $looked = 0;
        $wasCut = false;
        foreach ($this->crowds as $index => $crowd) {
            $more = [];
            foreach ($ways as [$picks, $wanted, $free]) {
                $rest = $later[$index];
                $need = $crowd->party === null ? $least - $free : $wanted[$crowd->party] ?? 0;
                $room = $crowd->party === null ? $most - $free : $wanted[$crowd->party] ?? 0;
                for ($count = min($left[$index], $room); $count >= max(0, $need - $rest); $count--) {
                    $more[] = $crowd->party === null
                        ? [$count === 0 ? $picks : $picks + [$index => $count], $wanted, $free + $count]
                        : [$count === 0 ? $picks : $picks + [$index => $count], [$crowd->party => $room - $count] + $wanted, $free];
                }
            }
            $looked += count($more);
            $wasCut = $wasCut || count($more) > $mostWays;
            $ways = array_slice($more, 0, $mostWays);
        }

        return [array_column($ways, 0), $looked, $wasCut];
    }

    /**
     * @param array<int, int> $left
     * @return array<int, int> crowd => riders left in the crowds of its party that come after it
     */
    private function laterOf(array $left): array
    {
        $later = [];
        foreach ($this->crowds as $index => $crowd) {
            $later[$index] = 0;
            for ($after = $index + 1; $after < count($left); $after++) {
                $later[$index] += $this->crowds[$after]->party === $crowd->party ? $left[$after] : 0;
            }
        }

        return $later;
    }
}
