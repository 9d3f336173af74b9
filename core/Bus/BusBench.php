<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\BenchSide;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Quantity\Length;

/** A bench of a bus to be planned. */
final readonly class BusBench
{
    public function __construct(
        /** Row, 1 is the foremost. */
        #[Within(1, 100)]
        public int $row,
        /** Which side of the bus, as seen from behind. */
        public BenchSide $side,
        /** How many may sit on it; place 1 is the window, the last one the aisle. */
        #[Within(1, 10)]
        public int $places,
        /** Whether an emergency exit is at it; null: none is known. */
        public ?bool $exit = null,
        /** Which belt it has; null: none is known. */
        public ?Belt $belt = null,
        /** Whether it has lower anchors; null: none are known. */
        public ?bool $lowerAnchors = null,
        /** The id of the system that is built into it; null: none. */
        public ?string $integrated = null,
        /** Whether a panel is ahead of it instead of a bench, told only; null: not known. */
        public ?bool $panelAhead = null,
        /** From its back to what is ahead; null: not measured. */
        public ?Length $space = null,
    ) {}

    public function hasBelt(): bool
    {
        return $this->belt !== null && $this->belt !== Belt::None;
    }
}
