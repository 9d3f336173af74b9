<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\AngleFrom;
use MintBuckle\Core\Facts\Indicator;
use MintBuckle\Core\Practice\Bound;
use MintBuckle\Core\Quantity\Angle;
use MintBuckle\Core\Truth\Truth;

/** How a rear-facing seat lies: by its indicator, and by the angle of the shell's back from the vertical where its maker gives a range. */
final readonly class ReclineReading
{
    /**
     * @param Angle|null $angle from the vertical
     * @param Bound|null $min the least angle that holds; null where none does or it is undecided
     * @param Bound|null $brokenMin the least angle that the measured one is below
     * @param Bound|null $brokenMax the greatest angle that the measured one is beyond
     * @param bool $mayHaveRange whether the maker gives a range, or may give one for a seat like this
     * @param list<string> $missing paths of facts that leave the range open for the measured angle
     */
    private function __construct(
        public ?Angle $angle,
        public ?Bound $min,
        public ?Bound $max,
        public ?Bound $brokenMin,
        public ?Bound $brokenMax,
        public bool $uprightByIndicator,
        public bool $flatByIndicator,
        public bool $mayHaveRange,
        public array $missing,
    ) {}

    public static function of(AssessmentContext $s): self
    {
        $setup = $s->setup();
        $angle = $setup->angle;
        if ($angle !== null && $setup->angleFrom === AngleFrom::Horizontal) {
            $angle = Angle::of(90)->minus($angle);
        }
        $min = $s->modeRules?->angleMin?->asMinimum($s->madeOn(), $s->heldForLimits());
        $max = $s->modeRules?->angleMax?->asMaximum($s->madeOn(), $s->heldForLimits());
        $brokenMin = $angle === null ? null : $min?->brokenAsMinimum($angle);
        $brokenMax = $angle === null ? null : $max?->brokenAsMaximum($angle);

        return new self(
            $angle,
            $min?->entry === null ? null : Bound::ofMaker($min->entry, 'seat'),
            $max?->entry === null ? null : Bound::ofMaker($max->entry, 'seat'),
            $brokenMin === null ? null : Bound::ofMaker($brokenMin, 'seat'),
            $brokenMax === null ? null : Bound::ofMaker($brokenMax, 'seat'),
            $setup->indicator === Indicator::TooUpright,
            $setup->indicator === Indicator::TooFlat,
            $min?->isAbsent() === false || $max?->isAbsent() === false,
            $angle === null
                ? []
                : [...($brokenMin === null ? $min->missing ?? [] : []), ...($brokenMax === null ? $max->missing ?? [] : [])],
        );
    }

    public function isTooUpright(): bool
    {
        return $this->uprightByIndicator || $this->brokenMin !== null;
    }

    public function isTooFlat(): bool
    {
        return $this->flatByIndicator || $this->brokenMax !== null;
    }

    /** Too upright is no fault for a child known to sit unaided, where the seat says so. */
    public function tooUprightIsFault(AssessmentContext $s): Truth
    {
        return $s->modeRules?->uprightWhenSits === true ? Truth::of($s->child->sitsUnaided)->not() : Truth::Yes;
    }
}
