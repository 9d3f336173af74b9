<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/**
 * Who of a party goes where, and where those without a system sit: riders of one stop together, then those who board first in the rear.
 * Every plan here places the restrained riders equally well.
 */
final class StopSearch
{
    /**
     * States of one row that are followed on, and ways to fill one row that are looked at: narrowly at first, for what a plan costs that is
     * found so need not be looked beyond.
     */
    private const PASSES = [[10, 60], [60, 300], [6_000, 4_000]];

    /** Steps of one pass after which the search is no longer exact: about a second. */
    private const MOST_STEPS = 300_000;

    /** @var list<Crowd> */
    private readonly array $crowds;

    private readonly StopCost $cost;

    private readonly RowWays $ways;

    private bool $wasCut = false;

    private int $steps = 0;

    public function __construct(BusRequest $request, BusLayout $layout, Company $company)
    {
        $this->crowds = Crowd::all($company, $request->riders);
        $this->cost = new StopCost($request, $layout, $company, $this->crowds);
        $this->ways = new RowWays($this->crowds);
    }

    /** @return list<Crowd> */
    public function crowds(): array
    {
        return $this->crowds;
    }

    /** @return array{list<Seated>, bool} best first, and whether none can be better */
    public function run(Skeletons $skeletons): array
    {
        $plans = [];
        $isExact = false;
        foreach (self::PASSES as $most) {
            [$found, $wasCut] = $this->search($skeletons, $most, $plans[0]->cost ?? null);
            $plans = [...$plans, ...$found];
            usort($plans, static fn(Seated $a, Seated $b): int => $a->cost <=> $b->cost);
            $isExact = ! $wasCut;
            if ($isExact || $this->isLong()) {
                break;
            }
        }

        return [$plans, $isExact];
    }

    /**
     * @param array{int, int} $most states of a row, ways to fill it
     * @return array{list<Seated>, bool} best first, and whether something was not looked at
     */
    private function search(Skeletons $skeletons, array $most, ?int $atMost): array
    {
        $this->wasCut = false;
        $this->steps = 0;
        $sizes = array_map(static fn(Crowd $crowd): int => count($crowd->riders), $this->crowds);
        $states = ['' => ['' => [new Seated(0, 0, $sizes, array_fill_keys(array_keys($this->cost->stops), 0), null, null, [])]]];
        foreach ($skeletons->rows as $number => $row) {
            $next = [];
            foreach ($states as $skeleton => $byLeft) {
                foreach ($skeletons->steps[$number][$skeleton] ?? [] as [$choice, $to]) {
                    foreach ($byLeft as $all) {
                        $this->follow($all, $choice, $skeletons, $number, $to, $atMost, $most[1], $next);
                    }
                }
            }
            $kept = $this->isLong() ? self::PASSES[0][0] : $most[0];
            $this->wasCut = $this->wasCut || array_sum(array_map(count(...), $next)) > $kept;
            $states = Seated::cheapest($next, $kept);
        }
        $found = array_merge([], ...array_map(array_values(...), array_values($states)));
        $plans = array_merge([], ...$found);
        usort($plans, static fn(Seated $a, Seated $b): int => $a->cost <=> $b->cost);

        return [$plans, $this->wasCut];
    }

    /**
     * @param list<Seated> $all with the same riders left
     * @param array<string, array<string, list<Seated>>> $next
     */
    private function follow(
        array $all,
        RowChoice $choice,
        Skeletons $skeletons,
        int $number,
        string $to,
        ?int $atMost,
        int $mostWays,
        array &$next,
    ): void {
        if ($this->isLong()) {
            // From here on the first way has to do: a plan that is not the best is better than none.
            $this->wasCut = true;
            $mostWays = 1;
        }
        $left = $all[0]->left;
        $free = 0;
        foreach ($this->crowds as $index => $crowd) {
            $free += $crowd->party === null ? $left[$index] : 0;
        }
        $least = max(0, $free - $skeletons->seats[$number + 1][$to]);
        [$ways, $looked, $wasCut] = $this->ways->ways($left, $choice->uses, $least, min($free, $choice->seats()), $mostWays);
        $this->steps += $looked;
        $this->wasCut = $this->wasCut || $wasCut;
        foreach ($ways as $picks) {
            $after = $this->cost->after($all[0], $choice, $picks, $skeletons->rows, $number);
            $key = implode(',', $after->left);
            $kept = Seated::bestOf($next[$to][$key] ?? [], $all, $after, $atMost);
            if ($kept !== []) {
                $next[$to][$key] = $kept;
            }
        }
    }

    private function isLong(): bool
    {
        return $this->steps > self::MOST_STEPS;
    }
}
