<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** The best ways to place the restrained riders by party, as a net of rows: every path through it costs the same. */
final readonly class Skeletons
{
    /**
     * @param list<int> $rows
     * @param list<array<string, list<array{RowChoice, string}>>> $steps row's number => state before it => choices, and the state each
     *                                                                   leads to
     * @param list<array<string, int>> $seats row's number => state before it => most seats for the others from there on
     */
    private function __construct(
        public int $cost,
        public array $rows,
        public array $steps,
        public array $seats,
        public bool $isExact,
    ) {}

    /**
     * @param array<string, RestraintState> $states after the last row
     * @param list<array<string, list<array{string, RowChoice}>>> $layers row's number => state after it => states before it, and the choice
     * @param list<int> $rows
     */
    public static function ending(array $states, array $layers, array $rows, bool $isExact): ?self
    {
        $ends = array_filter($states, static fn(RestraintState $state): bool => $state->waiting === 0);
        if ($ends === []) {
            return null;
        }
        $cost = min(array_map(static fn(RestraintState $state): int => $state->cost, $ends));
        $wanted = array_keys(array_filter($ends, static fn(RestraintState $state): bool => $state->cost === $cost));
        $steps = [];
        $seats = [count($rows) => array_fill_keys($wanted, 0)];
        for ($number = count($rows) - 1; $number >= 0; $number--) {
            $steps[$number] = $seats[$number] = [];
            foreach ($wanted as $to) {
                foreach ($layers[$number][$to] as [$from, $choice]) {
                    $steps[$number][$from][] = [$choice, (string) $to];
                    $seats[$number][$from] = max(
                        $seats[$number][$from] ?? 0,
                        $choice->seats() + $seats[$number + 1][$to],
                    );
                }
            }
            $wanted = array_keys($steps[$number]);
        }
        ksort($steps);
        ksort($seats);

        return new self($cost, $rows, array_values($steps), array_values($seats), $isExact);
    }

    public function notExact(): self
    {
        return new self($this->cost, $this->rows, $this->steps, $this->seats, false);
    }
}
