<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** Between two rows: who still waits, what is left in stock, and what the rows ahead bring along. */
final readonly class RestraintState
{
    /**
     * @param int $wraps sides whose next bench is behind a wrap
     * @param int $open bits of the systems facing the rear that could still stand further forward
     * @param array<int, int> $left party => riders still to be placed
     * @param array<int, int> $scarce number of a scarce system => how many are left
     * @param int $seats for riders without a system so far
     * @param int $waiting restrained riders still to be placed
     * @param int $waitingRear those of them who face the rear
     */
    public function __construct(
        public int $cost,
        public int $wraps,
        public int $open,
        public array $left,
        public array $scarce,
        public int $seats,
        public int $waiting,
        public int $waitingRear,
    ) {}

    /** @return self|null null where the row would take more than there are, or turn somebody to the rear behind a place free for it */
    public function after(RowChoice $choice, int $cost, int $mostSeats): ?self
    {
        if (($choice->rear & $this->open) !== 0) {
            return null;
        }
        $left = $this->left;
        foreach ($choice->uses as $party => $uses) {
            $left[$party] -= $uses;
            if ($left[$party] < 0) {
                return null;
            }
        }
        $scarce = $this->scarce;
        foreach ($choice->scarce as $system => $used) {
            $scarce[$system] -= $used;
            if ($scarce[$system] < 0) {
                return null;
            }
        }

        return new self(
            $cost,
            $choice->wraps,
            $this->open | $choice->open,
            $left,
            $scarce,
            min($mostSeats, $this->seats + $choice->seats()),
            $this->waiting - $choice->riders,
            $this->waitingRear - $choice->facingRear,
        );
    }

    public function key(): string
    {
        return implode(' ', [$this->wraps, $this->open, implode(',', $this->left), implode(',', $this->scarce), $this->seats]);
    }
}
