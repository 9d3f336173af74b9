<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Telling\Message;

/**
 * The ordered steps for this seat, mode, place and way of holding, from the facts: every step that the set-up needs, none that it does
 * not. Movement is tried with the tether loose, since a tight tether can hide a loose seat, and again after. Codes, their order and
 * when each is needed are the case format's; common practice of the trade.
 */
final readonly class InstallationCard
{
    /**
     * @return list<CardStep>|null null while the mode is not known and, but for the belt alone, while seat or place is not or the seat has
     *                             no such mode
     */
    public static function of(AssessmentContext $s): ?array
    {
        return match (true) {
            $s->mode?->hasSeat() === false => self::beltAlone(),
            $s->seat === null || $s->mode === null || $s->modeRules === null || $s->place === null => null,
            $s->mode->isBooster() => self::booster($s, $s->mode, $s->modeRules),
            default => self::harness($s, $s->mode, $s->modeRules),
        };
    }

    /** Whether belt and lower anchors are known to be allowed together by both makers. */
    public static function mayHoldByBoth(AssessmentContext $s): bool
    {
        return $s->heldBy === HeldBy::Both
            && $s->seat?->beltAndAnchorsOk === true
            && $s->case->vehicle?->beltAndAnchorsOk === true;
    }

    /** Why the card does not follow what holds the seat now, or lacks the belt's steps; null where it follows it, or there is no card. */
    public static function notice(AssessmentContext $s): ?Message
    {
        $isOfABelt = $s->mode?->hasHarness() === true
            && $s->modeRules !== null
            && $s->place !== null
            && $s->heldBy !== HeldBy::LowerAnchors;

        return $isOfABelt ? LockInUse::of($s)->notice : null;
    }

    /** @return list<CardStep> */
    private static function harness(AssessmentContext $s, ModeName $mode, Mode $rules): array
    {
        $anchorsOnly = $s->heldBy === HeldBy::LowerAnchors;
        $anchors = $anchorsOnly || self::mayHoldByBoth($s);
        $lock = LockInUse::of($s);
        $belt = $anchorsOnly || $lock->lock === null ? [] : LockSteps::of($s, $lock->lock);
        $card = [
            ...BeforeSteps::of($s, $mode, $rules),
            ...($anchors ? AnchorSteps::of($s, storeBelt: $anchorsOnly) : []),
            ...$belt,
            ...AfterSteps::of($s, $rules),
            ...self::childIn($s),
        ];

        $notice = self::notice($s);

        return $notice === null ? $card : [$card[0]->withNotice($notice), ...array_slice($card, 1)];
    }

    /** @return list<CardStep> */
    private static function childIn(AssessmentContext $s): array
    {
        $test = $s->seat->tightnessTest ?? $s->convention->tightness ?? TightnessTest::Pinch;

        return [
            new CardStep(StepCode::ChildIn, 'harness'),
            new CardStep(StepCode::Tongues),
            new CardStep(StepCode::Hips),
            new CardStep(StepCode::HarnessTighten),
            ...(
                $s->hasChestClip()
                    ? [new CardStep(StepCode::ChestClip)]
                    : []
            ),
            new CardStep(StepCode::StrapTest, $test->value),
        ];
    }

    /** @return list<CardStep> */
    private static function booster(AssessmentContext $s, ModeName $mode, Mode $rules): array
    {
        $hung = $s->anchorsHold() && $rules->anchorsAllowed === true;

        return array_values(array_filter([
            ...BeforeSteps::of($s, $mode, $rules),
            ...($hung ? AnchorSteps::ofBooster() : []),
            ...($hung && $s->setup()->tether->used === true && $s->place?->tetherAnchor !== false ? AfterSteps::tether($s) : []),
            $mode->guidesShoulderBelt() ? SeatReady::headRest($mode) : null,
            ...AfterSteps::tidying($s, $rules),
            new CardStep(StepCode::ChildIn, 'booster', ['back' => $mode->hasBack()]),
            new CardStep(StepCode::LapGuides),
            $mode->guidesShoulderBelt()
                ? new CardStep(StepCode::ShoulderGuide)
                : null,
            ...self::belted(),
        ]));
    }

    /** @return list<CardStep> */
    private static function beltAlone(): array
    {
        return [
            new CardStep(StepCode::ChildIn, 'belt_only'),
            ...self::belted('belt_only'),
        ];
    }

    /** @return list<CardStep> */
    private static function belted(?string $variant = null): array
    {
        return [
            new CardStep(StepCode::BeltChild, $variant),
            new CardStep(StepCode::BeltCheck),
        ];
    }
}
