<?php

declare(strict_types=1);

namespace MintBuckle\Core\CaseFile;

use MintBuckle\Core\Calendar\PartialDate;
use MintBuckle\Core\Truth;

/** A maker's limit: one figure, or several of which those whose conditions hold apply, the strictest first. */
final readonly class Limit
{
    /** @param non-empty-list<LimitEntry> $entries */
    public function __construct(public array $entries) {}

    public function asMaximum(?PartialDate $madeOn, ?HeldBy $heldBy): StrictestLimit
    {
        return $this->strictest($madeOn, $heldBy, -1);
    }

    public function asMinimum(?PartialDate $madeOn, ?HeldBy $heldBy): StrictestLimit
    {
        return $this->strictest($madeOn, $heldBy, 1);
    }

    /** @param 1|-1 $stricter the sign of a comparison in which the stricter figure stands first */
    private function strictest(?PartialDate $madeOn, ?HeldBy $heldBy, int $stricter): StrictestLimit
    {
        $certain = null;
        foreach ($this->entries as $entry) {
            if ($entry->applies($madeOn, $heldBy) === Truth::Yes && self::isStricter($entry, $certain, $stricter)) {
                $certain = $entry;
            }
        }
        $missing = [];
        foreach ($this->entries as $entry) {
            if ($entry->applies($madeOn, $heldBy) === Truth::Unknown && self::isStricter($entry, $certain, $stricter)) {
                $missing[] = $entry->madeInWindow($madeOn) === Truth::Unknown ? 'seat.made_on' : 'setup.held_by';
            }
        }

        return new StrictestLimit($certain, array_values(array_unique($missing)));
    }

    /** @param 1|-1 $stricter */
    private static function isStricter(LimitEntry $entry, ?LimitEntry $than, int $stricter): bool
    {
        if ($than === null) {
            return true;
        }
        $order = $entry->value->compareTo($than->value) * $stricter;

        return $order > 0 || ($order === 0 && $entry->below && ! $than->below);
    }
}
