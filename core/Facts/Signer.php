<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;

/** A technician who signs, with the last day the certification holds. Unknown facts are null. */
final readonly class Signer
{
    public function __construct(
        public ?string $id = null,
        public ?CalendarDate $certifiedUntil = null,
    ) {}
}
