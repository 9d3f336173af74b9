<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A strap tightness test and its outcome. Unknown facts are null. */
final readonly class Tightness
{
    public function __construct(
        public ?TightnessTest $test = null,
        public ?bool $passes = null,
    ) {}
}
