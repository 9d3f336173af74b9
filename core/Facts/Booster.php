<?php

declare(strict_types=1);

namespace MintBuckle\Core\Facts;

/** The child in the booster, under the vehicle belt. Unknown facts are null. */
final readonly class Booster
{
    /** @param list<BeltGuide> $guidesMissed guides that the belt does not run through */
    public function __construct(
        public ?LapPart $lap = null,
        public ?ShoulderPart $shoulder = null,
        public ?bool $underArm = null,
        public ?bool $guidesOk = null,
        public ?bool $headSupportOk = null,
        public ?bool $earsAbove = null,
        public ?bool $beltLocked = null,
        public ?bool $slouch = null,
        public ?bool $slack = null,
        public array $guidesMissed = [],
    ) {}
}
