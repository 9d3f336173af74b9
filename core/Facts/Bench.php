<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\Disturbs;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;

/** The bench of a bus on which a child rides. */
final readonly class Bench
{
    public function __construct(
        /** Row, 1 is the foremost; null: not noted. */
        #[Within(1, 100), Asked(Station::Bus, 20)]
        public ?int $row = null,
        /** Which side of the bus, as seen from behind; null: not noted. */
        #[Asked(Station::Bus, 30)]
        public ?BenchSide $side = null,
        /** Whether it stands in the row of an emergency exit; null: not looked at. */
        #[Asked(Station::Bus, 40)]
        #[GoodWhen('no')]
        public ?bool $exit = null,
        /** Which belt it has; null: not looked at. */
        #[Asked(Station::Bus, 80)]
        public ?Belt $belt = null,
        /** What was done to that belt; null: not looked at. */
        #[Asked(Station::Bus, 90), StaleWith(Look::Holding)]
        public ?BeltCondition $beltCondition = null,
        /** How far the buckle end shows out of the crease; null: not measured. */
        #[Asked(Station::Bus, 100), StaleWith(Look::Holding), Disturbs(Look::Movement)]
        public ?Length $buckleEnd = null,
        /** Whether it has lower anchors; null: not looked at. */
        #[Asked(Station::Bus, 110)]
        public ?bool $lowerAnchors = null,
    ) {}
}
