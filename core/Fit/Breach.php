<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Quantity;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** One reason why a mode does not fit a child. */
final readonly class Breach
{
    /** @param Message $why a clause without a full stop: "weight 41 lb is more than 40 lb" */
    public function __construct(
        public BreachKind $kind,
        public Message $why,
        public ?Quantity $observed = null,
        public ?Bound $limit = null,
    ) {}

    /** @param list<self> $breaches */
    public static function told(array $breaches): Listing
    {
        return Listing::clauses(array_map(static fn(self $breach): Message => $breach->why, $breaches));
    }
}
