<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/** The looks that no longer count once this fact was changed: a seat that was locked afresh has not been measured yet. */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class Disturbs
{
    /** @var list<Look> */
    public array $looks;

    public function __construct(Look ...$looks)
    {
        $this->looks = array_values($looks);
    }
}
