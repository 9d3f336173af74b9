<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;
use BackedEnum;

/** Sections by the cases of an enum, in their order. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class MapOf
{
    /**
     * @param class-string $of
     * @param non-empty-list<BackedEnum> $by
     */
    public function __construct(public string $of, public array $by) {}
}
