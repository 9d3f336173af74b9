<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A part that is not there. Unknown facts are null. */
final readonly class MissingPart
{
    public function __construct(
        public string $name,
        public ?bool $essential = null,
    ) {}
}
