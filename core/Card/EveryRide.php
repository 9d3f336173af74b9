<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Quantity\LengthUnit;

/** What the family looks at before every ride, for this seat as it leaves. Common practice of the trade. */
final readonly class EveryRide
{
    /** @return list<string> in the reader's unit of length; none while the way of riding is not known */
    public static function of(AssessmentContext $s, LengthUnit $unit): array
    {
        return match (true) {
            $s->isHarness() => self::harness($s, $unit),
            $s->isBooster() => self::booster($s),
            $s->mode?->hasSeat() === false => [
                'Back against the vehicle seat, knees bent at its edge.',
                'Lap part low on the thighs; shoulder part across mid-chest, never under the arm.',
            ],
            default => [],
        };
    }

    /** @return list<string> */
    private static function harness(AssessmentContext $s, LengthUnit $unit): array
    {
        $bound = MovementLimit::of($s)->bound;
        $test = $s->seat->tightnessTest ?? $s->convention->tightness ?? TightnessTest::Pinch;
        $mode = $s->modeRules ?? new Mode();

        return array_values(array_filter([
            'At the belt path the seat moves ' . match (true) {
                $bound === null => 'no more than its maker allows',
                $bound->inclusive => "no more than {$bound->value->show($unit)}",
                default => "less than {$bound->value->show($unit)}",
            } . ', side to side and front to back.',
            $s->isOnBase() ? 'The shell clicks on to its base, and every indicator says locked.' : null,
            $s->seat?->turns === true && $s->isNotBaseless() ? 'The shell is turned to where it rides and locked there.' : null,
            $s->isRear()
                ? (
                    $mode->zones === []
                        ? 'The recline indicator stands where it must, on level ground.'
                        : 'The recline indicator stands in the zone for this child, on level ground.'
                )
                : null,
            ($mode->handlePositions ?? []) === []
                ? null
                : 'The handle is in a position for travel: ' . str_replace('_', ' ', implode(' or ', $mode->handlePositions ?? [])) . '.',
            'Bottom and back against the seat, coat off, straps flat.',
            'Slack up from the hips, then the adjuster, then the test at the shoulder: ' . (
                $test === TightnessTest::Pinch
                    ? 'no webbing can be pinched lengthwise.'
                    : 'one finger goes between strap and child, two do not.'
            ),
            $s->hasChestClip() ? 'Chest clip level with the armpits.' : null,
            AfterSteps::isTethered($s) && $s->isRear()
                ? 'Once the child is in, the tether is taken up again: no slack, the seat not drawn over.'
                : null,
            AfterSteps::isTethered($s) && ! $s->isRear() ? 'The tether is hooked on and tight.' : null,
            self::headRestraint($s),
        ]));
    }

    /** @return list<string> */
    private static function booster(AssessmentContext $s): array
    {
        return array_values(array_filter([
            'Bottom and back against the booster.',
            $s->mode?->guidesShoulderBelt() === true ? 'The head part\'s belt guide at or just above the shoulder.' : null,
            'Lap part low over the thighs, under both arm rests.',
            'Shoulder part across mid-chest, snug, never under the arm.',
            $s->anchorsHold() ? null : 'The booster buckled in when nobody sits on it.',
            self::headRestraint($s),
        ]));
    }

    private static function headRestraint(AssessmentContext $s): ?string
    {
        return $s->setup()->headRestraint === HeadRestraint::Removed
            ? 'Put the vehicle\'s head restraint back whenever somebody sits here without this seat.'
            : null;
    }
}
