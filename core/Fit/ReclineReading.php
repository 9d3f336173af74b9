<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\CaseFile\AngleFrom;
use MintBuckle\Core\CaseFile\Indicator;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Situation;

/** How a rear-facing seat lies: by its indicator, and by the angle of the shell's back from the vertical where its maker gives a range. */
final readonly class ReclineReading
{
    /**
     * @param Angle|null $angle from the vertical
     * @param list<string> $missing paths of facts that leave the range open
     */
    private function __construct(
        public ?Angle $angle,
        public ?Bound $min,
        public ?Bound $max,
        public bool $tooUpright,
        public bool $tooFlat,
        public array $missing,
    ) {}

    public static function of(Situation $s): self
    {
        $setup = $s->setup();
        $angle = $setup->angle;
        if ($angle !== null && $setup->angleFrom === AngleFrom::Horizontal) {
            $angle = Angle::of(90)->minus($angle);
        }
        $min = $s->modeRules?->angleMin?->asMinimum($s->madeOn(), $setup->heldBy);
        $max = $s->modeRules?->angleMax?->asMaximum($s->madeOn(), $setup->heldBy);

        return new self(
            $angle,
            $min?->entry === null ? null : Bound::ofMaker($min->entry, 'seat'),
            $max?->entry === null ? null : Bound::ofMaker($max->entry, 'seat'),
            $setup->indicator === Indicator::TooUpright || ($angle !== null && $min?->allowsAtLeast($angle) === false),
            $setup->indicator === Indicator::TooFlat || ($angle !== null && $max?->allowsAtMost($angle) === false),
            $angle === null ? [] : [...$min->missing ?? [], ...$max->missing ?? []],
        );
    }
}
