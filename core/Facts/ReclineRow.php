<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

use MintBuckle\Core\Facts\Definition\LimitIn;
use MintBuckle\Core\Facts\Definition\ListOf;
use MintBuckle\Core\Facts\Definition\Within;
use MintBuckle\Core\Quantity\MassUnit;

/** Recline settings allowed for a child weight. */
final readonly class ReclineRow
{
    public function __construct(
        /**
         * Numbers of the settings that this row allows.
         *
         * @var list<int>
         */
        #[ListOf('int'), Within(0, 100)]
        public array $settings = [],
        /** From this weight of the child; null: from any. */
        #[LimitIn(MassUnit::class)]
        public ?Limit $weightMin = null,
        /** To this weight of the child; null: to any. */
        #[LimitIn(MassUnit::class)]
        public ?Limit $weightMax = null,
    ) {}
}
