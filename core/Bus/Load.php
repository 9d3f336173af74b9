<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** What one bench carries in restraints. */
final readonly class Load
{
    /**
     * @param list<array{int, int, Shape}> $items bench, party and how it rides, from the window inward
     * @param array<int, int> $uses party => how many of it ride here
     * @param array<int, int> $scarce number of a scarce system => how many are used
     * @param int $rear bits of the systems facing the rear that are used
     * @param int $open bits of those that could still stand here
     * @param int $last choice that was added last
     */
    private function __construct(
        public int $bench,
        public array $items,
        public array $uses,
        public array $scarce,
        public int $width,
        public int $rearWidth,
        public int $facingRear,
        public int $rear,
        public int $open,
        public bool $isWrapped,
        private int $last,
    ) {}

    /**
     * Every load that fits between window and aisle, one of each kind, the fullest first.
     *
     * @return list<self>
     */
    public static function all(int $bench, BusLayout $layout, Company $company): array
    {
        $choices = [];
        foreach ($company->parties as $number => $party) {
            foreach ($party->shapes[$bench] ?? [] as $shape) {
                $choices[] = [$number, $shape, count($party->riders)];
            }
        }
        $room = $layout->room($bench);
        $loads = [new self($bench, [], [], [], 0, 0, 0, 0, self::open($bench, 0, $layout, $company), false, 0)];
        for ($from = 0; $from < count($loads); $from++) {
            $load = $loads[$from];
            for ($index = $load->last; $index < count($choices); $index++) {
                [$party, $shape, $most] = $choices[$index];
                if ($load->width + $shape->width() <= $room && ($load->uses[$party] ?? 0) < $most) {
                    $loads[] = $load->with($party, $shape, $index, $layout, $company);
                }
            }
        }

        usort($loads, static fn(self $a, self $b): int => count($b->items) <=> count($a->items));

        return $loads;
    }

    private function with(int $party, Shape $shape, int $index, BusLayout $layout, Company $company): self
    {
        $uses = $this->uses;
        $uses[$party] = ($uses[$party] ?? 0) + 1;
        $scarce = $this->scarce;
        if ($shape->scarce !== null) {
            $scarce[$shape->scarce] = ($scarce[$shape->scarce] ?? 0) + 1;
        }
        $rearWidth = $this->rearWidth + ($shape->rear === null ? 0 : $shape->width());

        return new self(
            $this->bench,
            [...$this->items, [$this->bench, $party, $shape]],
            $uses,
            $scarce,
            $this->width + $shape->width(),
            $rearWidth,
            $this->facingRear + (int) ($shape->rear !== null),
            $this->rear | ($shape->rear === null ? 0 : 1 << $shape->rear),
            self::open($this->bench, $rearWidth, $layout, $company),
            $this->isWrapped || $shape->isWrapped(),
            $index,
        );
    }

    private static function open(int $bench, int $rearWidth, BusLayout $layout, Company $company): int
    {
        $open = 0;
        foreach ($company->rear as $number => $system) {
            $fits = $layout->room($bench) - $rearWidth >= $system->widthPlaces && $layout->fixing($bench, $system) !== null;
            $open |= $fits ? 1 << $number : 0;
        }

        return $open;
    }
}
