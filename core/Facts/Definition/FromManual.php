<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/** A fact that a seat's manual gives: it is entered once a model, in the catalogue. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class FromManual
{
    /** @param int $order within the part, the lowest first */
    public function __construct(public ManualPart $part, public int $order, public bool $required = false) {}
}
