<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** What the event has settled. */
final readonly class Policy
{
    public function __construct(
        /** What makes a seat unusable after a crash; null: strict. */
        public ?CrashPolicy $crash = null,
        /** Whether somebody else must sign as well; null: no. */
        public ?bool $secondSigner = null,
    ) {}
}
