<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\LimitIn;
use MintBuckle\Core\Quantity\MassUnit;

/** A cushion that came with the seat, for its own weight window. */
final readonly class Insert
{
    public function __construct(
        /** What its maker calls it. */
        public string $name,
        /** From this weight of the child; null: from any. */
        #[LimitIn(MassUnit::class)]
        public ?Limit $weightMin = null,
        /** To this weight of the child; null: to any. */
        #[LimitIn(MassUnit::class)]
        public ?Limit $weightMax = null,
    ) {}
}
