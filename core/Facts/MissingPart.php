<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;

/** A part that is not there. */
final readonly class MissingPart
{
    public function __construct(
        /** Which part. */
        public string $name,
        /** Whether it carries load or holds the child; null: not known. */
        #[Asked(Station::History, 120, AskedWhen::WhenNeeded)]
        public ?bool $essential = null,
    ) {}
}
