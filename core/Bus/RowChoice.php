<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** What one row may carry, given whether wraps stand before its benches. */
final readonly class RowChoice
{
    /**
     * @param list<array{int, int, Shape}> $items bench, party, how it rides
     * @param array<int, int> $uses party => how many of it ride here
     * @param array<int, int> $scarce number of a scarce system => how many are used
     * @param array<int, int> $free bench => seats for riders without a system, beside those kept there
     * @param list<int> $empty benches that stay empty behind a wrap
     * @param int $riders how many restrained riders ride here
     * @param int $facingRear how many of them face the rear
     * @param int $wraps sides whose next bench is behind a wrap: 1 left, 2 right
     * @param int $rear bits of the systems facing the rear that are used
     * @param int $open bits of those that could still stand here
     */
    private function __construct(
        public array $items,
        public array $uses,
        public array $scarce,
        public array $free,
        public array $empty,
        public int $riders,
        public int $facingRear,
        public int $wraps,
        public int $rear,
        public int $open,
    ) {}

    /** Seats for riders without a system, beside those kept here. */
    public function seats(): int
    {
        return array_sum($this->free);
    }

    /** Choices of one key serve the same riders at the same cost, and leave the same behind. */
    public function key(): string
    {
        return implode(' ', [
            json_encode([$this->uses, $this->scarce], JSON_FORCE_OBJECT | JSON_THROW_ON_ERROR),
            $this->seats(),
            count($this->empty),
            $this->wraps,
            $this->rear,
            $this->open,
        ]);
    }

    /**
     * @param list<Load> $loads of the benches of the row
     * @param int $behind sides on which a wrap stands before this row
     * @return self|null null where somebody kept there would ride unbelted behind a wrap, or finds no room
     */
    public static function of(array $loads, int $behind, BusLayout $layout, Company $company): ?self
    {
        $items = $free = $empty = $uses = $scarce = [];
        [$wraps, $rear, $open, $facingRear] = [$behind, 0, 0, 0];
        foreach ($loads as $load) {
            $on = $layout->benches[$load->bench];
            $bit = $on->side->bit();
            $isBarred = ($behind & $bit) !== 0 && ! $on->hasBelt();
            $seats = ($isBarred ? 0 : $on->places - $load->width) - count($company->kept[$load->bench] ?? []);
            if ($seats < 0) {
                return null;
            }
            $free[$load->bench] = $seats;
            if ($isBarred && $load->items === []) {
                $empty[] = $load->bench;
            }
            $wraps = $load->isWrapped ? $wraps | $bit : $wraps & ~$bit;
            array_push($items, ...$load->items);
            foreach ($load->uses as $party => $used) {
                $uses[$party] = ($uses[$party] ?? 0) + $used;
            }
            foreach ($load->scarce as $system => $used) {
                $scarce[$system] = ($scarce[$system] ?? 0) + $used;
            }
            $rear |= $load->rear;
            $open |= $load->open;
            $facingRear += $load->facingRear;
        }
        ksort($uses);
        ksort($scarce);

        return new self($items, $uses, $scarce, $free, $empty, count($items), $facingRear, $wraps, $rear, $open);
    }
}
