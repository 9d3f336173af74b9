<?php

declare(strict_types=1);

namespace App\Checks;

use App\Models\Check;
use App\Recalls\NameDoubt;
use MintBuckle\Core\Assessment;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Verdict;
use MintBuckle\Core\Kit\KitUse;
use MintBuckle\Core\Record\FoldedCase;
use MintBuckle\Core\Record\InspectionPhase;

/** A check at one phase, its facts folded to a case and judged: what its pages show. Made by Judge. */
final readonly class JudgedCheck
{
    /**
     * @param FoldedCase|null $other the other phase, where both are shown side by side
     * @param NameDoubt|null $doubt a maker or model that nothing could be matched with
     * @param list<Finding> $corrected found open, and no longer there; none as it was found
     */
    public function __construct(
        public Check $check,
        public InspectionPhase $phase,
        public FoldedCase $folded,
        public ?FoldedCase $other,
        public Assessment $assessment,
        public ?NameDoubt $doubt,
        public array $corrected,
    ) {}

    /** Whether the seat that the child came in is not used any more: it may not be, or another one was given. */
    public function isSeatWithdrawn(): bool
    {
        return $this->assessment->verdict === Verdict::DoNotUse
            || KitUse::of($this->check->caseOf(InspectionPhase::Found)->case, $this->folded->case)->isSeatGiven;
    }
}
