<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the event has settled. Unknown facts are null. */
final readonly class Policy
{
    public function __construct(
        public ?CrashPolicy $crash = null,
        public ?bool $secondSigner = null,
    ) {}
}
