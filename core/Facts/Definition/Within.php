<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/** Outside these a value is a slip of the keyboard, and refused: whole numbers, shares, millimetres, kilograms, degrees or months. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class Within
{
    /** @param bool $halves whether the value comes in halves */
    public function __construct(public int $min, public int $max, public bool $halves = false) {}
}
