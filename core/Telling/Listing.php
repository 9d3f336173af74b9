<?php

declare(strict_types=1);

namespace MintBuckle\Core\Telling;

use MintBuckle\Core\Quantity\Quantity;

/** Several things told in a row. */
final readonly class Listing
{
    /** @param list<Message|Quantity|string|int> $items */
    private function __construct(public ListingKind $kind, public array $items) {}

    /** @param list<Message|Quantity|string|int> $items */
    public static function of(ListingKind $kind, array $items): self
    {
        return new self($kind, $items);
    }

    /** @param list<Message|Quantity|string|int> $items */
    public static function all(array $items): self
    {
        return new self(ListingKind::And, $items);
    }

    /** @param list<Message|Quantity|string|int> $items */
    public static function any(array $items): self
    {
        return new self(ListingKind::Or, $items);
    }

    /** @param list<Message|Quantity|string|int> $items names or figures that are read off one by one */
    public static function names(array $items): self
    {
        return new self(ListingKind::Names, $items);
    }

    /** @param list<Message|Quantity|string|int> $items clauses, each a reason of its own */
    public static function clauses(array $items): self
    {
        return new self(ListingKind::Clauses, $items);
    }

    /** @param list<Message> $items whole sentences, one after the other */
    public static function sentences(array $items): self
    {
        return new self(ListingKind::Sentences, $items);
    }
}
