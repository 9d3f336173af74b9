<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Situation;

/** How far a seat may move at the belt path: its maker's own figure, else the practice's. */
final readonly class MovementLimit
{
    /** @param list<string> $missing paths of facts that leave the maker's figure open */
    private function __construct(public Bound $bound, public array $missing) {}

    public static function of(Situation $s): self
    {
        $own = $s->seat?->movementMax?->asMaximum($s->madeOn(), $s->setup()->heldBy);

        return new self($own?->entry === null ? $s->practice->movement : Bound::ofMaker($own->entry, 'seat'), $own->missing ?? []);
    }
}
