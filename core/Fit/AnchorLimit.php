<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\CaseFile\HeldBy;
use MintBuckle\Core\CaseFile\MadeWindow;
use MintBuckle\Core\CaseFile\ModeName;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Practice\Practice;
use MintBuckle\Core\Quantity\Mass;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/**
 * The heaviest child the lower anchors may hold in a harness mode: the seat's printed figure and the vehicle's, the stricter
 * of the two; with no figure on the seat the practice's combined weight less the seat's own weight.
 */
final readonly class AnchorLimit
{
    /** @param list<string> $missing paths of facts that leave it open */
    private function __construct(public ?Bound $bound, public array $missing) {}

    public static function of(Situation $s, ?ModeName $mode): self
    {
        if ($mode === null || ! $mode->isHarness() || $s->seat === null) {
            return new self(null, []);
        }
        [$seat, $missing] = $s->seat->lowerAnchorChildMax === null ? self::combined($s, $mode) : self::printed($s);
        $vehicle = $s->case->vehicle?->lowerAnchorChildMax?->asMaximum($s->seat->madeOn, HeldBy::LowerAnchors)->entry;
        $bounds = array_values(array_filter([$seat, $vehicle === null ? null : Bound::ofMaker($vehicle, 'vehicle')]));
        usort($bounds, static fn(Bound $a, Bound $b): int => $a->value->compareTo($b->value) ?: (int) $a->inclusive <=> (int) $b->inclusive);

        return new self($bounds[0] ?? null, $missing);
    }

    /** @return array{Bound|null, list<string>} */
    private static function printed(Situation $s): array
    {
        $strictest = $s->seat?->lowerAnchorChildMax?->asMaximum($s->madeOn(), HeldBy::LowerAnchors);

        return [$strictest?->entry === null ? null : Bound::ofMaker($strictest->entry, 'seat'), $strictest->missing ?? []];
    }

    /** @return array{Bound|null, list<string>} */
    private static function combined(Situation $s, ModeName $mode): array
    {
        $together = $mode === ModeName::RearHarness ? $s->practice->anchorsRear : $s->practice->anchorsForward;
        if ($together === null) {
            return [null, ['seat.lower_anchor_child_max']];
        }
        $madeSince = MadeWindow::holds($s->practice->anchorsMadeFrom, null, $s->madeOn());
        $weight = $s->seat?->weight;

        return match (true) {
            $madeSince === Truth::No => [null, ['seat.lower_anchor_child_max']],
            $madeSince === Truth::Unknown => [null, ['seat.made_on']],
            $weight === null => [null, ['seat.weight']],
            default => [self::less($together, $weight, $s->practice->layer()), []],
        };
    }

    private static function less(Mass $together, Mass $seat, string $from): Bound
    {
        return new Bound($together->minus($seat), true, $from, [Practice::anchorsSource()]);
    }
}
