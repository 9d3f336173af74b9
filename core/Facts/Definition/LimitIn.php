<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;
use MintBuckle\Core\Quantity\Unit;

/** The units of a limit. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class LimitIn
{
    /** @param class-string<Unit> $units */
    public function __construct(public string $units) {}
}
