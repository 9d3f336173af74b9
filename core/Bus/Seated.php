<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

/** A plan as far as a row: what each row carries and who of each crowd rides there. */
final readonly class Seated
{
    /**
     * @param int $cost spans of the stops, then pairs that board in the wrong order
     * @param int $rest what the stops that have begun must still cost
     * @param array<int, int> $left crowd => riders still to be seated
     * @param array<int, int> $placed stop => riders seated so far
     * @param array<int, int> $picks crowd => how many of it ride in the last row
     */
    public function __construct(
        public int $cost,
        public int $rest,
        public array $left,
        public array $placed,
        public ?self $before,
        public ?RowChoice $choice,
        public array $picks,
    ) {}

    /** The same row after another plan with the same riders left. */
    public function costing(int $cost, self $before): self
    {
        return $before === $this->before
            ? $this
            : new self($cost, $this->rest, $this->left, $this->placed, $before, $this->choice, $this->picks);
    }
}
