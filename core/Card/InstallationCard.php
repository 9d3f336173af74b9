<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\ModeName;
use MintBuckle\Core\Facts\TightnessTest;

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
        return $s->setup()->heldBy === HeldBy::Both
            && $s->seat?->beltAndAnchorsOk === true
            && $s->case->vehicle?->beltAndAnchorsOk === true;
    }

    /** Why the card does not follow what holds the seat now, or lacks the belt's steps; null where it follows it, or there is no card. */
    public static function notice(AssessmentContext $s): ?string
    {
        $isOfABelt = $s->mode?->hasHarness() === true
            && $s->modeRules !== null
            && $s->place !== null
            && $s->setup()->heldBy !== HeldBy::LowerAnchors;

        return $isOfABelt ? LockInUse::of($s)->notice : null;
    }

    /** @return list<CardStep> */
    private static function harness(AssessmentContext $s, ModeName $mode, Mode $rules): array
    {
        $anchorsOnly = $s->setup()->heldBy === HeldBy::LowerAnchors;
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
            new CardStep(
                StepCode::ChildIn,
                'Sit the child in, bottom and back against the seat, coat off.',
                'Nothing lies behind or beneath the child.',
            ),
            new CardStep(StepCode::Tongues, 'Click the tongues in, one at a time.', 'Each clicks and does not come out when pulled.'),
            new CardStep(StepCode::Hips, 'Draw the slack up from the hips.', 'The straps lie flat and snug over the hips.'),
            new CardStep(
                StepCode::HarnessTighten,
                'Pull the adjuster until the straps are snug at the shoulder.',
                'The straps lie in a straight line and press into nothing.',
            ),
            ...(
                $s->hasChestClip()
                    ? [new CardStep(StepCode::ChestClip, 'Close the chest clip and slide it up.', 'It clicks, level with the armpits.')]
                    : []
            ),
            new CardStep(
                StepCode::StrapTest,
                $test === TightnessTest::Pinch
                    ? 'Try to pinch the strap together lengthwise at the shoulder.'
                    : 'Slide one finger flat between strap and child at the shoulder.',
                $test === TightnessTest::Pinch
                    ? 'Your fingers slide off; no webbing stays between them.'
                    : 'One finger goes in, two do not.',
            ),
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
            new CardStep(
                StepCode::ChildIn,
                'Sit the child in, bottom and back against the booster' . (! $mode->hasBack() ? ' and the vehicle seat.' : '.'),
                'The child can stay so for the whole ride.',
            ),
            new CardStep(
                StepCode::LapGuides,
                'Lead the lap part under both arm rests; on the buckle side both parts go under.',
                'The lap part lies low over the thighs.',
            ),
            $mode->guidesShoulderBelt()
                ? new CardStep(
                    StepCode::ShoulderGuide,
                    'Lead the shoulder part through its guide.',
                    'It runs through freely, at or just above the shoulder.',
                )
                : null,
            ...self::belted('It clicks; the belt is not locked and runs free.'),
        ]));
    }

    /** @return list<CardStep> */
    private static function beltAlone(): array
    {
        return [
            new CardStep(
                StepCode::ChildIn,
                'Sit the child in, back against the vehicle seat.',
                'The knees bend at the seat\'s edge, and the child can stay so for the whole ride.',
            ),
            ...self::belted('It clicks.'),
        ];
    }

    /** @return list<CardStep> */
    private static function belted(string $clicks): array
    {
        return [
            new CardStep(StepCode::BeltChild, 'Buckle the belt over the child and draw the slack up.', $clicks),
            new CardStep(
                StepCode::BeltCheck,
                'Look at the belt over the child.',
                'The lap part lies low on the thighs; the shoulder part crosses mid-chest and the shoulder, off the neck, snug.',
            ),
        ];
    }
}
