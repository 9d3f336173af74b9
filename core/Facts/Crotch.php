<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The crotch strap as it is. Unknown facts are null. */
final readonly class Crotch
{
    public function __construct(
        public ?int $slot = null,
        public ?bool $underChild = null,
        public ?bool $nearestClear = null,
    ) {}
}
