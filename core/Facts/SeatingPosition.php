<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Like;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;

/** A place in the car, named by row and side as seen from behind. */
final readonly class SeatingPosition
{
    /** Row and side as seen from behind. */
    public const NAME = '[123][LCR]';

    public const NAME_WORDS = 'a row and a side: 1L 1C 1R 2L 2C 2R 3L 3C 3R';

    public function __construct(
        /** Row and side as seen from behind: 1L 1C 1R 2L 2C 2R 3L 3C 3R. */
        #[Like(SeatingPosition::NAME, SeatingPosition::NAME_WORDS)]
        public string $name,
        /** Which belt is here; null: not looked at. */
        #[Asked(Station::Place, 90, AskedWhen::WhenNeeded)]
        public ?Belt $belt = null,
        /** What the retractor does; null: not tried. */
        #[Asked(Station::Place, 100, AskedWhen::WhenNeeded)]
        public ?Retractor $retractor = null,
        /** What the latch plate does; null: not tried. */
        #[Asked(Station::Place, 110, AskedWhen::WhenNeeded)]
        public ?LatchPlate $latchPlate = null,
        /** Whether the place has lower anchors of its own; null: not looked at. */
        #[Asked(Station::Place, 80, AskedWhen::WhenNeeded)]
        public ?bool $lowerAnchors = null,
        /** Whether there is a tether anchor for it; null: not looked at. */
        #[Asked(Station::Place, 70, AskedWhen::WhenNeeded)]
        public ?bool $tetherAnchor = null,
        /** Whether an active airbag is in front of it; null: not looked at. */
        #[Asked(Station::Place, 60, AskedWhen::WhenNeeded)]
        public ?bool $airbag = null,
        /** Whether its belt is inflatable; null: not looked at. */
        #[Asked(Station::Place, 150, AskedWhen::WhenNeeded)]
        public ?bool $inflatableBelt = null,
        /** Whether the vehicle seat faces sideways; null: not looked at. */
        #[Asked(Station::Place, 50, AskedWhen::WhenNeeded)]
        public ?bool $sideFacing = null,
        /** Usable width at the height of a seat; null: not measured. */
        #[Asked(Station::Place, 130, AskedWhen::WhenNeeded)]
        public ?Length $width = null,
        /** Whether another person or seat is there; null: not asked. */
        #[Asked(Station::Place, 40, AskedWhen::WhenNeeded)]
        #[GoodWhen('no')]
        public ?bool $taken = null,
        /** Where its tether anchor is, told to the family; null: not looked at. */
        #[Asked(Station::Place, 120)]
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
