<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Limit;
use MintBuckle\Core\Facts\ResolvedLimit;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Quantity;

/**
 * The seat's own figure, else the one that holds where it gives none. While it is undecided which of the seat's figures holds there is
 * no bound, and what would decide is missing; what breaks all of them is broken all the same.
 */
final readonly class FigureInUse
{
    /**
     * @param Bound|null $bound null while undecided
     * @param list<string> $missing paths of the facts that would decide
     */
    private function __construct(public ?Bound $bound, public array $missing, private ?ResolvedLimit $own, private bool $isMaximum) {}

    public static function atMost(AssessmentContext $s, ?Limit $own, Bound $else): self
    {
        return self::of($own?->asMaximum($s->madeOn(), $s->heldForLimits()), $else, true);
    }

    public static function atLeast(AssessmentContext $s, ?Limit $own, Bound $else): self
    {
        return self::of($own?->asMinimum($s->madeOn(), $s->heldForLimits()), $else, false);
    }

    /** The bound that a measured value breaks; null where it breaks none for sure. */
    public function brokenBy(Quantity $measured): ?Bound
    {
        if ($this->bound !== null) {
            $allowed = $this->isMaximum ? $this->bound->allowsAtMost($measured) : $this->bound->allowsAtLeast($measured);

            return $allowed ? null : $this->bound;
        }
        $entry = $this->isMaximum ? $this->own?->brokenAsMaximum($measured) : $this->own?->brokenAsMinimum($measured);

        return $entry === null ? null : Bound::ofMaker($entry, 'seat');
    }

    /**
     * What is still needed once something was measured: nothing where it breaks every figure that may hold.
     *
     * @return list<string>
     */
    public function missingFor(?Quantity $measured): array
    {
        return $measured !== null && $this->brokenBy($measured) !== null ? [] : $this->missing;
    }

    private static function of(?ResolvedLimit $own, Bound $else, bool $isMaximum): self
    {
        return match (true) {
            $own === null || $own->isAbsent() => new self($else, [], null, $isMaximum),
            $own->entry !== null => new self(Bound::ofMaker($own->entry, 'seat'), [], $own, $isMaximum),
            default => new self(null, $own->missing, $own, $isMaximum),
        };
    }
}
