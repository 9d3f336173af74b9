<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Facts\Definition\AskedWhen;
use MintBuckle\Core\Finding\Station;

/** A thing added to the seat; approved when it came in the box or the seat's maker names it. */
final readonly class Accessory
{
    public function __construct(
        /** What it is. */
        public string $name,
        /** Whether it came in the box or its use is named by the seat's maker; null: not known. */
        #[Asked(Station::History, 150, AskedWhen::WhenNeeded)]
        public ?bool $approved = null,
    ) {}
}
