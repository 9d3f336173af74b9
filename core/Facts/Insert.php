<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A cushion that came with the seat, for its own weight window. Unknown facts are null. */
final readonly class Insert
{
    public function __construct(
        public string $name,
        public ?Limit $weightMin = null,
        public ?Limit $weightMax = null,
    ) {}
}
