<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Length;

/** A pair of harness slots, by its height above the seat cushion. Unknown facts are null. */
final readonly class Slot
{
    public function __construct(
        public ?Length $height = null,
    ) {}
}
