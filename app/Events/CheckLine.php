<?php

declare(strict_types=1);

namespace App\Events;

use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/** One seat of a visit in a list: whose, which, and how it stands. */
final readonly class CheckLine
{
    /** @param InspectionPhase $phase the one that is worked on */
    public function __construct(
        public string $id,
        public string $letter,
        public string $seat,
        public Verdict $verdict,
        public InspectionPhase $phase,
    ) {}
}
