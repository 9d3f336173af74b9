<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/**
 * A plain look whose good answer is obvious to a trained eye. Such looks stand together as a list in words of the good state; what is not
 * so is pressed. Never one that a rule reads which stops a seat, and never a measurement.
 */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class GoodWhen
{
    /** @param string $answer yes, no, or a choice's value in the case file */
    public function __construct(public string $answer) {}
}
