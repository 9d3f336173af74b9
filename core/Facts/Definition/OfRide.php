<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/** Facts that there are in one way of riding alone. */
#[Attribute(Attribute::TARGET_CLASS | Attribute::TARGET_PROPERTY)]
final readonly class OfRide
{
    public function __construct(public Ride $ride) {}
}
