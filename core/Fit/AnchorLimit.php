<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\LimitEntry;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\ResolvedLimit;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Practice\RegionalPractice;
use MintBuckle\Core\Quantity\Mass;

/**
 * The heaviest child the lower anchors may hold in a harness mode: the seat's printed figure and the vehicle's, the stricter
 * of the two; with no figure on the seat the practice's combined weight less the seat's own weight.
 */
final readonly class AnchorLimit
{
    /**
     * @param list<Bound> $bounds those that are known, the strictest first
     * @param list<string> $missing paths of facts that leave it open
     * @param list<Bound> $broken by the child's weight, also where it is open which figure holds
     */
    private function __construct(private array $bounds, public array $missing, private array $broken) {}

    public static function of(AssessmentContext $s, ?ModeName $mode): self
    {
        if ($mode === null || ! $mode->hasHarness() || $s->seat === null) {
            return new self([], [], []);
        }
        $way = $s->heldBy === HeldBy::Both ? HeldBy::Both : HeldBy::LowerAnchors;
        $printed = $s->seat->lowerAnchorChildMax?->asMaximum($s->madeOn(), $way);
        $vehicle = $s->case->vehicle?->lowerAnchorChildMax?->asMaximum($s->madeOn(), $way);
        [$combined, $missing] = $printed === null || $printed->isAbsent() ? self::combined($s, $mode) : [null, $printed->missing];
        $weight = $s->child->weight;
        $broken = $weight === null ? [] : [
            ...self::brokenBy($weight, $printed, 'seat'),
            ...($combined === null || $combined->allowsAtMost($weight) ? [] : [$combined]),
            ...self::brokenBy($weight, $vehicle, 'vehicle'),
        ];

        return new self(
            self::strictestFirst([
                ...self::ofEntry($printed?->entry, 'seat'),
                ...($combined === null ? [] : [$combined]),
                ...self::ofEntry($vehicle?->entry, 'vehicle'),
            ]),
            array_values(array_unique([...$missing, ...$vehicle->missing ?? []])),
            self::strictestFirst($broken),
        );
    }

    /** The strictest figure that is known. */
    public function bound(): ?Bound
    {
        return $this->bounds[0] ?? null;
    }

    /** The strictest figure that the child's weight breaks, whichever of an undecided list holds. */
    public function broken(): ?Bound
    {
        return $this->broken[0] ?? null;
    }

    /** Whether the anchors are known to carry this child. */
    public function carries(?Mass $weight): bool
    {
        return $weight !== null && $this->missing === [] && $this->bounds !== [] && $this->broken === [];
    }

    /** @return list<Bound> */
    private static function ofEntry(?LimitEntry $entry, string $whose): array
    {
        return $entry === null ? [] : [Bound::ofMaker($entry, $whose)];
    }

    /** @return list<Bound> */
    private static function brokenBy(Mass $weight, ?ResolvedLimit $limit, string $whose): array
    {
        return self::ofEntry($limit?->brokenAsMaximum($weight), $whose);
    }

    /**
     * @param list<Bound> $bounds
     * @return list<Bound>
     */
    private static function strictestFirst(array $bounds): array
    {
        usort(
            $bounds,
            static fn(Bound $a, Bound $b): int => $a->value->compareTo($b->value) ?: (int) $a->inclusive <=> (int) $b->inclusive,
        );

        return $bounds;
    }

    /** @return array{Bound|null, list<string>} */
    private static function combined(AssessmentContext $s, ModeName $mode): array
    {
        $together = $mode->facesRear() ? $s->practice->anchorsRear : $s->practice->anchorsForward;
        $weight = $s->seat?->weight;

        return match (true) {
            // A partial date counts from its first day; an older or undated seat's figure must be looked up.
            $together === null || ! self::isMadeSince($s) => [null, ['seat.lower_anchor_child_max']],
            $weight === null => [null, ['seat.weight']],
            default => [self::less($together, $weight, $s->practice->layer()), []],
        };
    }

    private static function isMadeSince(AssessmentContext $s): bool
    {
        $made = $s->madeOn()?->earliest();
        $since = $s->practice->anchorsMadeFrom;

        return $made !== null && ($since === null || ! $made->isBefore($since));
    }

    /** A seat heavier than both may be together leaves nothing for a child. */
    private static function less(Mass $together, Mass $seat, string $from): Bound
    {
        $left = $together->minus($seat);

        return new Bound($left->value->isNegative() ? Mass::of(0) : $left, true, $from, [RegionalPractice::anchorsSource()]);
    }
}
