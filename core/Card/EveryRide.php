<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\Mode;
use MintBuckle\Core\Facts\TightnessTest;
use MintBuckle\Core\Fit\MovementLimit;
use MintBuckle\Core\Telling\Listing;
use MintBuckle\Core\Telling\Message;

/** What the family looks at before every ride, for this seat as it leaves. Common practice of the trade. */
final readonly class EveryRide
{
    /** @return list<Message> none while the way of riding is not known */
    public static function of(AssessmentContext $s): array
    {
        return match (true) {
            $s->isHarness() => self::harness($s),
            $s->isBooster() => self::booster($s),
            $s->mode?->hasSeat() === false => [
                new Message('every_ride.alone_back'),
                new Message('every_ride.alone_belt'),
            ],
            default => [],
        };
    }

    /** @return list<Message> */
    private static function harness(AssessmentContext $s): array
    {
        $bound = MovementLimit::of($s)->bound;
        $test = $s->seat->tightnessTest ?? $s->convention->tightness ?? TightnessTest::Pinch;
        $mode = $s->modeRules ?? new Mode();

        return array_values(array_filter([
            new Message('every_ride.movement', [
                'known' => $bound === null ? 'no' : ($bound->inclusive ? 'inclusive' : 'below'),
                'limit' => $bound?->value,
            ]),
            $s->isOnBase() ? new Message('every_ride.shell') : null,
            $s->seat?->turns === true && $s->isNotBaseless() ? new Message('every_ride.turned') : null,
            $s->isRear()
                ? (
                    $mode->zones === []
                        ? new Message('every_ride.recline')
                        : new Message('every_ride.zone')
                )
                : null,
            ($mode->handlePositions ?? []) === []
                ? null
                : new Message('every_ride.handle', [
                    'handles' => Listing::any(array_map(AfterSteps::handle(...), $mode->handlePositions ?? [])),
                ]),
            new Message('every_ride.sits'),
            new Message('every_ride.test', ['test' => $test]),
            $s->hasChestClip() ? new Message('every_ride.chest_clip') : null,
            AfterSteps::isTethered($s) && $s->isRear()
                ? new Message('every_ride.tether_rear')
                : null,
            AfterSteps::isTethered($s) && ! $s->isRear() ? new Message('every_ride.tether') : null,
            self::headRestraint($s),
        ]));
    }

    /** @return list<Message> */
    private static function booster(AssessmentContext $s): array
    {
        return array_values(array_filter([
            new Message('every_ride.booster_sits'),
            $s->mode?->guidesShoulderBelt() === true ? new Message('every_ride.guide') : null,
            new Message('every_ride.lap'),
            new Message('every_ride.shoulder'),
            $s->anchorsHold() ? null : new Message('every_ride.empty'),
            self::headRestraint($s),
        ]));
    }

    private static function headRestraint(AssessmentContext $s): ?Message
    {
        return $s->setup()->headRestraint === HeadRestraint::Removed
            ? new Message('every_ride.head_restraint')
            : null;
    }
}
