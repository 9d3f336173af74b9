<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/**
 * Where the restrained riders go: from the front row to the back, every way of loading a row, one for each that differs in what it costs
 * or leaves behind. Costs, in this order: rows of those facing the rear, rows of all restrained, benches kept empty.
 */
final class RestraintSearch
{
    /** States of one row that are followed on; beyond it the search is no longer exact. */
    private const MOST_STATES = 10_000;

    /** Choices that are looked at before the search goes on narrowly: some seconds. */
    private const MOST_STEPS = 500_000;

    /** A first, narrow search finds a good plan; what cannot be better is then left out. */
    private const NARROW = 40;

    private const BITS = 20;

    /** @var list<list<int>> row's number => how many riders => sum of the rows of the foremost places from there on */
    private array $foremost = [];

    private readonly RowChoices $choices;

    /** @var list<int> row's number => seats from there on */
    private array $seats = [];

    /** @var list<int> */
    private array $rows;

    /** Whether something was not looked at in the last search. */
    public bool $wasCut = false;

    public function __construct(BusLayout $layout, private readonly Company $company)
    {
        $this->rows = array_keys($layout->rows);
        $this->choices = new RowChoices($layout, $company);
        $places = [];
        $seats = 0;
        $this->foremost[] = [0];
        $this->seats[] = 0;
        foreach (array_reverse($this->rows) as $row) {
            foreach ($layout->rows[$row] as $bench) {
                $places = [...array_fill(0, $layout->room($bench), $row), ...$places];
                $seats += $layout->benches[$bench]->places;
            }
            $sums = [0];
            foreach ($places as $n => $of) {
                $sums[] = $sums[$n] + $of;
            }
            array_unshift($this->foremost, $sums);
            array_unshift($this->seats, $seats);
        }
    }

    /** @return Skeletons|null null where not everybody finds a place */
    public function run(): ?Skeletons
    {
        $first = $this->search(self::NARROW, null);

        return $this->search(self::MOST_STATES, $first?->cost) ?? $first?->notExact();
    }

    private function search(int $most, ?int $atMost): ?Skeletons
    {
        $wasCut = false;
        $steps = 0;
        $sizes = array_map(static fn(Party $party): int => count($party->riders), $this->company->parties);
        $states = ['' => new RestraintState(0, 0, 0, $sizes, $this->company->scarce, 0, array_sum($sizes), $this->company->facingRear())];
        $layers = [];
        foreach ($this->rows as $number => $row) {
            [$next, $edges] = [[], []];
            foreach ($states as $key => $state) {
                $choices = $this->choices->of($number, $state->wraps);
                $steps += count($choices);
                foreach ($choices as $choice) {
                    $cost = $state->cost + ($choice->facingRear * $row << 2 * self::BITS) + ($choice->riders * $row << self::BITS)
                        + count($choice->empty);
                    $after = $this->isHopeful($state, $choice, $cost, $number + 1, $atMost)
                        ? $state->after($choice, $cost, $this->company->loose())
                        : null;
                    if ($after === null) {
                        continue;
                    }
                    $to = $after->key();
                    $known = $next[$to] ?? null;
                    if ($known === null || $cost < $known->cost) {
                        $next[$to] = $after;
                        $edges[$to] = [[$key, $choice]];
                    } elseif ($cost === $known->cost) {
                        $edges[$to][] = [$key, $choice];
                    }
                }
            }
            $most = $steps > self::MOST_STEPS ? self::NARROW : $most;
            $wasCut = $wasCut || count($next) > $most;
            $states = $this->best($next, $most, $number + 1);
            $layers[] = $edges;
        }

        $this->wasCut = $wasCut;

        return Skeletons::ending($states, $layers, $this->rows, ! $wasCut);
    }

    /** Whether those still to be placed find room, and no plan already found must be better. */
    private function isHopeful(RestraintState $state, RowChoice $choice, int $cost, int $number, ?int $atMost): bool
    {
        $waiting = $state->waiting - $choice->riders;
        $rear = $state->waitingRear - $choice->facingRear;

        return $rear >= 0 && $waiting >= $rear && $waiting < count($this->foremost[$number])
            && $state->seats + $choice->seats() + $this->seats[$number] >= $this->company->loose()
            && ($atMost === null || $cost + $this->atLeast($waiting, $rear, $number) <= $atMost);
    }

    /** What the others cost from here on, if all of the foremost places fitted everybody. */
    private function atLeast(int $waiting, int $rear, int $number): int
    {
        return ($this->foremost[$number][$rear] << 2 * self::BITS) + ($this->foremost[$number][$waiting] << self::BITS);
    }

    /**
     * @param array<string, RestraintState> $states
     * @return array<string, RestraintState>
     */
    private function best(array $states, int $most, int $number): array
    {
        if (count($states) <= $most) {
            return $states;
        }
        uasort(
            $states,
            fn(RestraintState $a, RestraintState $b): int => $a->cost + $this->atLeast($a->waiting, $a->waitingRear, $number)
                <=> $b->cost + $this->atLeast($b->waiting, $b->waitingRear, $number),
        );

        return array_slice($states, 0, $most, true);
    }
}
