<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** A thing added to the seat; approved when it came in the box or the seat's maker names it. Unknown facts are null. */
final readonly class Extra
{
    public function __construct(
        public string $name,
        public ?bool $approved = null,
    ) {}
}
