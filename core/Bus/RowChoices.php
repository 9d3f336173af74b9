<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Every way in which the rows of a bus may be loaded, each row's made once. */
final class RowChoices
{
    /** @var array<int, array<int, list<RowChoice>>> row's number => sides behind a wrap => choices */
    private array $choices = [];

    /** @var array<int, list<Load>> bench => what it may carry, the most first, so that of two alike the left one is filled */
    private array $loads = [];

    public function __construct(private readonly BusLayout $layout, private readonly Company $company) {}

    /** @return list<RowChoice> */
    public function of(int $number, int $behind): array
    {
        return $this->choices[$number][$behind] ??= $this->made(array_values($this->layout->rows)[$number], $behind);
    }

    /**
     * @param list<int> $benches
     * @return list<RowChoice>
     */
    private function made(array $benches, int $behind): array
    {
        $combined = [[]];
        foreach ($benches as $bench) {
            $loads = $this->loads[$bench] ??= Load::all($bench, $this->layout, $this->company);
            $more = [];
            foreach ($combined as $before) {
                foreach ($loads as $load) {
                    $more[] = [...$before, $load];
                }
            }
            $combined = $more;
        }
        $made = [];
        foreach ($combined as $loads) {
            $choice = RowChoice::of($loads, $behind, $this->layout, $this->company);
            if ($choice !== null) {
                $made[$choice->key()] ??= $choice;
            }
        }

        return array_values($made);
    }
}
