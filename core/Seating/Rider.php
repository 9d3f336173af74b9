<?php

declare(strict_types=1);

namespace MintBuckle\Core\Seating;

use MintBuckle\Core\Facts\Child;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\Seat;

/** A child of the family with its seat, as it is to be seated. */
final readonly class Rider
{
    /**
     * @param ModeName|null $mode null: the best that fits
     * @param HeldBy|null $heldBy null: belt or lower anchors, whichever serves
     * @param string|null $nowAt the place it has now
     * @param bool $keep whether it is to stay there
     */
    public function __construct(
        public string $name,
        public Child $child = new Child(),
        public ?Seat $seat = null,
        public ?ModeName $mode = null,
        public ?HeldBy $heldBy = null,
        public ?string $nowAt = null,
        public bool $keep = false,
    ) {}
}
