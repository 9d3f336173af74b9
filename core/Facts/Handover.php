<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** How the family is sent off. Unknown facts are null. */
final readonly class Handover
{
    public function __construct(
        public ?bool $shownBack = null,
        public ?Signer $technician = null,
        public ?Signer $checker = null,
    ) {}
}
