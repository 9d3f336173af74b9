<?php

declare(strict_types=1);

namespace MintBuckle\Core\Fit;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Belt;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Truth\Truth;

/** The other way of holding the seat at this very place with which the mode in use fits the child; the seat itself need not change. */
final readonly class HeldOtherwise
{
    public static function fitting(AssessmentContext $s): ?HeldBy
    {
        $now = $s->heldForLimits();
        if ($s->mode === null || $s->modeRules === null || $now === null || $now === HeldBy::Nothing) {
            return null;
        }
        foreach ([HeldBy::Belt, HeldBy::LowerAnchors] as $way) {
            if (
                $way !== $now
                && self::isPossible($s, $way)
                && ModeJudge::judgeHeld($s, $s->mode, $s->modeRules, $way)->fits === Truth::Yes
            ) {
                return $way;
            }
        }

        return null;
    }

    /** Whether the place is known to offer that way: a belt known to lock, or its own bars with their weight figure kept. */
    private static function isPossible(AssessmentContext $s, HeldBy $way): bool
    {
        if ($way === HeldBy::Belt) {
            return self::hasBelt($s);
        }
        $bars = $s->bus === null ? $s->place?->lowerAnchors : $s->bus->bench->lowerAnchors;

        return $bars === true
            && ($s->isBooster() ? $s->modeRules?->anchorsAllowed === true : AnchorLimit::of($s, $s->mode)->carries($s->child->weight));
    }

    /** How a belt of a bus would lock is not judged. */
    private static function hasBelt(AssessmentContext $s): bool
    {
        $belt = $s->bus === null ? $s->place?->belt : $s->bus->bench->belt;

        return match (true) {
            $s->isBooster() => $belt === Belt::LapShoulder,
            $s->bus !== null => $belt !== null && $belt !== Belt::None,
            default => LockFinder::of($s)->anyWorks() === Truth::Yes,
        };
    }
}
