<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Finding\Station;

/** The five points of the belt-fit test. */
#[OfRide(Ride::BeltOnly)]
final readonly class BeltFit
{
    public function __construct(
        /** Whether the back rests against the seat; null: not tried. */
        #[Asked(Station::Child, 190)]
        #[GoodWhen('yes')]
        public ?bool $back = null,
        /** Whether the knees bend at the seat's edge; null: not tried. */
        #[Asked(Station::Child, 200)]
        #[GoodWhen('yes')]
        public ?bool $knees = null,
        /** Whether the lap part lies on the thighs; null: not tried. */
        #[Asked(Station::Child, 210)]
        #[GoodWhen('yes')]
        public ?bool $lap = null,
        /** Whether the shoulder part crosses mid-chest; null: not tried. */
        #[Asked(Station::Child, 220)]
        #[GoodWhen('yes')]
        public ?bool $shoulder = null,
        /** Whether the child can stay so for the whole ride; null: not tried. */
        #[Asked(Station::Child, 230)]
        #[GoodWhen('yes')]
        public ?bool $stays = null,
    ) {}
}
