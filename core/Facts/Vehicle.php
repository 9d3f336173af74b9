<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Facts\Definition\LimitIn;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\MassUnit;

/** The car: its maker's rules and its places. */
final readonly class Vehicle
{
    public function __construct(
        /** Model year; null: not known. */
        #[Within(1950, 2150)]
        public ?int $modelYear = null,
        /** Whether its manual allows belt and lower anchors together; null: it does not say. */
        #[Asked(Station::Secure, 340, AskedWhen::WhenNeeded)]
        public ?bool $beltAndAnchorsOk = null,
        /** Whether its manual allows the bars of two neighbouring places; null: it does not say. */
        #[Asked(Station::Secure, 360, AskedWhen::WhenNeeded)]
        public ?bool $borrowAnchorsOk = null,
        /** Whether its manual allows turning the buckle stalk; null: it does not say. */
        #[Asked(Station::Secure, 170, AskedWhen::WhenNeeded)]
        public ?bool $buckleTurnsOk = null,
        /** Heaviest child on its lower anchors; null: its manual sets none. */
        #[LimitIn(MassUnit::class), Asked(Station::Secure, 385)]
        public ?Limit $lowerAnchorChildMax = null,
        /**
         * Every place of the car.
         *
         * @var list<SeatingPosition>
         */
        #[ListOf(SeatingPosition::class)]
        public array $positions = [],
    ) {}
}
