<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Quantity;

/** One reason why a mode does not fit a child. */
final readonly class Breach
{
    /** @param string $sentence a clause without a full stop: "weight 41 lb is more than 40 lb" */
    public function __construct(
        public BreachKind $kind,
        public string $sentence,
        public ?Quantity $observed = null,
        public ?Bound $limit = null,
    ) {}
}
