<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Quantity\Quantity;

/** Which entry of a maker's limit holds: one, none (null, nothing missing), or not to be told without the facts that are missing. */
final readonly class StrictestLimit
{
    /** @param list<string> $missing paths of the facts that would decide */
    public function __construct(public ?LimitEntry $entry, public array $missing = []) {}

    public function isKnown(): bool
    {
        return $this->missing === [];
    }

    /** Null where no figure holds. */
    public function allowsAtMost(Quantity $measured): ?bool
    {
        if ($this->entry === null) {
            return null;
        }
        $order = $measured->compareTo($this->entry->value);

        return $order < 0 || ($order === 0 && ! $this->entry->below);
    }

    /** Null where no figure holds. */
    public function allowsAtLeast(Quantity $measured): ?bool
    {
        if ($this->entry === null) {
            return null;
        }
        $order = $measured->compareTo($this->entry->value);

        return $order > 0 || ($order === 0 && ! $this->entry->below);
    }
}
