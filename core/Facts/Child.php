<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Calendar\CalendarDate;
use MintBuckle\Core\Quantity\Length;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;

/** At most one of bornOn, ageMonths and dueOn is known. Unknown facts are null. */
final readonly class Child
{
    public function __construct(
        public ?CalendarDate $bornOn = null,
        public ?Months $ageMonths = null,
        public ?CalendarDate $dueOn = null,
        public ?Mass $weight = null,
        public ?Length $height = null,
        public ?Sex $sex = null,
        public ?bool $sitsUnaided = null,
        public ?Length $shoulderHeight = null,
        public ?bool $specialNeeds = null,
    ) {}
}
