<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts\Definition;

use Attribute;

/**
 * The looks by which a fact is known: when one of them no longer counts, the fact is looked at again. Only facts that are asked while
 * they are unknown carry it; one that is merely judged when given would take its fault away with it.
 */
#[Attribute(Attribute::TARGET_PROPERTY)]
final readonly class StaleWith
{
    /** @var list<Look> */
    public array $looks;

    public function __construct(Look ...$looks)
    {
        $this->looks = array_values($looks);
    }
}
