<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\GoodWhen;
use MintBuckle\Core\Facts\Definition\Look;
use MintBuckle\Core\Facts\Definition\OfRide;
use MintBuckle\Core\Facts\Definition\Ride;
use MintBuckle\Core\Facts\Definition\StaleWith;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;

/** How far the seat moves when tried: measured, or felt by hand; a measured figure stands above what was felt. */
#[OfRide(Ride::Harness)]
final readonly class Movement
{
    public function __construct(
        /** Side to side at the belt path; null: not measured. */
        #[Asked(Station::Measure, 20), StaleWith(Look::Movement)]
        public ?Length $side = null,
        /** Front to back at the belt path; null: not measured. */
        #[Asked(Station::Measure, 30), StaleWith(Look::Movement)]
        public ?Length $front = null,
        /** Up and down at the belt path; null: not measured. */
        #[Asked(Station::Measure, 40)]
        public ?Length $up = null,
        /** Whether it was tried at the belt path; null: not noted. */
        #[Asked(Station::Measure, 10)]
        #[GoodWhen('yes')]
        public ?bool $atBeltPath = null,
        /** Side to side by hand, against the limit; a figure stands above it; null: not felt. */
        #[Asked(Station::Measure, 50), StaleWith(Look::Movement)]
        public ?Felt $sideFelt = null,
        /** Front to back by hand, against the limit; a figure stands above it; null: not felt. */
        #[Asked(Station::Measure, 60), StaleWith(Look::Movement)]
        public ?Felt $frontFelt = null,
        /** Up and down by hand, against the limit; a figure stands above it; null: not felt. */
        #[Asked(Station::Measure, 70)]
        public ?Felt $upFelt = null,
        /** Whether the tries that count were made with the tether loose; null: not noted. */
        #[Asked(Station::Measure, 80)]
        public ?bool $tetherLoose = null,
    ) {}
}
