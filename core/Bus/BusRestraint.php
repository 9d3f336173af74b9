<?php

declare(strict_types=1);

namespace MintBuckle\Core\Bus;

use MintBuckle\Core\Facts\BusFixing;
use MintBuckle\Core\Facts\BusSystem;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;

/** A system in stock: what it is, whom it fits, how it is fixed, how many there are. */
final readonly class BusRestraint
{
    public function __construct(
        /** By which the file names it. */
        public string $id,
        public BusSystem $kind,
        /**
         * What may fix it to a bench, one at a time.
         *
         * @var list<BusFixing>
         */
        #[ListOf(BusFixing::class)]
        public array $fixedBy,
        /** How many there are. */
        #[Within(0, 1000)]
        public int $count,
        /** Lightest child; null: its maker sets none. */
        public ?Mass $weightMin = null,
        /** Heaviest child; null: its maker sets none. */
        public ?Mass $weightMax = null,
        /** Tallest child; null: its maker sets none. */
        public ?Length $heightMax = null,
        /** Places of a bench that it takes. */
        #[Within(1, 10)]
        public int $widthPlaces = 1,
        /** How deep it is; null: not measured. */
        public ?Length $depth = null,
    ) {}
}
