<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Insert;
use MintBuckle\Core\Truth\Truth;

/** Whether a maker's insert is meant for the weight of this child. */
final readonly class InsertFit
{
    public static function of(Insert $insert, AssessmentContext $s): Truth
    {
        $min = $insert->weightMin?->asMinimum($s->madeOn(), $s->heldForLimits());
        $max = $insert->weightMax?->asMaximum($s->madeOn(), $s->heldForLimits());
        $weight = $s->child->weight;
        $isUnlimited = $min?->isAbsent() !== false && $max?->isAbsent() !== false;

        return match (true) {
            $isUnlimited || ($weight === null && $s->isUnborn()) => Truth::Yes,
            $weight === null => Truth::Unknown,
            $min?->brokenAsMinimum($weight) !== null || $max?->brokenAsMaximum($weight) !== null => Truth::No,
            ($min->missing ?? []) !== [] || ($max->missing ?? []) !== [] => Truth::Unknown,
            default => Truth::Yes,
        };
    }
}
