<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Quantity\Length;

/** A pair of harness slots, by its height above the seat cushion. */
final readonly class Slot
{
    public function __construct(
        /** Above the seat cushion; null: not measured. */
        #[Asked(Station::Buckle, 80, AskedWhen::WhenNeeded)]
        public ?Length $height = null,
    ) {}
}
