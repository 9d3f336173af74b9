<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;

/** The law's floors where the family drives; an absent figure means the law sets none. Unknown facts are null. */
final readonly class Law
{
    public function __construct(
        public ?Months $rearFacingUntilMonths = null,
        public ?Mass $rearFacingUntilWeight = null,
        public ?Months $boosterFromMonths = null,
        public ?Months $boosterUntilMonths = null,
        public ?Months $backRowUntilMonths = null,
    ) {}
}
