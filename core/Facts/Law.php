<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Quantity\Months;

/** The law's floors where the family drives; an absent figure means the law sets none. */
final readonly class Law
{
    public function __construct(
        /** Below this age in completed months a child rides rear-facing; null: the law sets no age. */
        public ?Months $rearFacingUntilMonths = null,
        /** Below this weight a child rides rear-facing; null: the law sets no weight. */
        public ?Mass $rearFacingUntilWeight = null,
        /** From this age in completed months a booster may be used; null: the law sets no age. */
        public ?Months $boosterFromMonths = null,
        /** Below this age in completed months the belt alone is not enough; null: the law sets no age. */
        public ?Months $boosterUntilMonths = null,
        /** Below this age in completed months a child rides behind the front row; null: the law sets no age. */
        public ?Months $backRowUntilMonths = null,
    ) {}
}
