<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\LimitIn;
use MintBuckle\Core\Quantity\MassUnit;
use MintBuckle\Core\Quantity\MonthUnit;

/** A zone of the recline indicator and the children it is meant for. */
final readonly class Zone
{
    public function __construct(
        /** What the indicator calls it. */
        public string $name,
        /** Least age in completed months; null: none. */
        #[LimitIn(MonthUnit::class)]
        public ?Limit $ageMinMonths = null,
        /** Greatest age in completed months; null: none. */
        #[LimitIn(MonthUnit::class)]
        public ?Limit $ageMaxMonths = null,
        /** Lightest child; null: none. */
        #[LimitIn(MassUnit::class)]
        public ?Limit $weightMin = null,
        /** Heaviest child; null: none. */
        #[LimitIn(MassUnit::class)]
        public ?Limit $weightMax = null,
        /** Whether the child must sit unaided; null: no. */
        public ?bool $needsSitting = null,
    ) {}
}
