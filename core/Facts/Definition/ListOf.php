<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/** What a list holds: a class of facts, an enum, or one of the words string and int. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class ListOf
{
    /** @param class-string|'string'|'int' $of */
    public function __construct(public string $of, public int $max = 1000) {}
}
