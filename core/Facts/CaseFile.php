<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;

/** Everything known of one check on one day. Unknown facts are null, never false. */
final readonly class CaseFile
{
    public function __construct(
        public CalendarDate $today,
        public PracticeCode $practice,
        public Child $child,
        public Policy $policy = new Policy(),
        public Law $law = new Law(),
        public ?RecallList $recallList = null,
        public ?Seat $seat = null,
        public ?Vehicle $vehicle = null,
        public ?Setup $setup = null,
        public ?Handover $handover = null,
    ) {}
}
