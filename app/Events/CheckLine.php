<?php

declare(strict_types=1);

namespace App\Events;

use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Record\InspectionPhase;

/** One seat of a visit in a list: whose, which, where, and how it stands. */
final readonly class CheckLine
{
    /**
     * @param InspectionPhase $phase the one that is worked on
     * @param string|null $place in the car; null: nobody said
     */
    public function __construct(
        public string $id,
        public string $letter,
        public string $seat,
        public Verdict $verdict,
        public InspectionPhase $phase,
        public ?string $place = null,
    ) {}
}
