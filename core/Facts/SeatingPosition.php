<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Length;

/** A place in the car, named by row and side as seen from behind. Unknown facts are null. */
final readonly class SeatingPosition
{
    /** Row and side as seen from behind: 1L 1C 1R 2L 2C 2R 3L 3C 3R. */
    public const NAME = '/\A[123][LCR]\z/';

    public function __construct(
        public string $name,
        public ?Belt $belt = null,
        public ?Retractor $retractor = null,
        public ?LatchPlate $latchPlate = null,
        public ?bool $lowerAnchors = null,
        public ?bool $tetherAnchor = null,
        public ?bool $airbag = null,
        public ?bool $inflatableBelt = null,
        public ?bool $sideFacing = null,
        public ?Length $width = null,
        public ?bool $taken = null,
        public ?TetherAnchorPlace $tetherAnchorAt = null,
    ) {}

    /** 1 is the front row. */
    public function row(): int
    {
        return (int) $this->name[0];
    }

    public function isCentre(): bool
    {
        return $this->name[1] === 'C';
    }
}
