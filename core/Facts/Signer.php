<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Facts\Definition\Asked;
use MintBuckle\Core\Finding\Station;

/** A technician who signs, with the last day the certification holds. */
final readonly class Signer
{
    public function __construct(
        /** The sign-in name; null: not named. */
        public ?string $id = null,
        /** Last day of the certification; null: not known. */
        #[Asked(Station::Handover, 40)]
        public ?CalendarDate $certifiedUntil = null,
    ) {}
}
