<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Fit\HeldOtherwise;
use MintBuckle\Core\Truth\Truth;

/**
 * What to try next where a seat will not hold: for what one sees, and for this seat, belt and way of holding, the nearest thing first; at
 * the end the other way of holding, another place, another seat. Handbook sections 7 and 8: common practice.
 */
final readonly class WontHold
{
    /** @return list<Attempt> in the order in which to try them; what this seat, belt or place does not allow is left out */
    public static function attempts(Sight $sight, AssessmentContext $s): array
    {
        return [...self::near($sight, $s), ...self::instead($s)];
    }

    /** @return list<Attempt> */
    private static function near(Sight $sight, AssessmentContext $s): array
    {
        return match ($sight) {
            Sight::StillLoose => $s->onlyAnchorsHold() ? self::looseOnAnchors($s) : self::looseOnBelt($s),
            Sight::TipsToOneSide => [...BeltAttempts::freeRetractor($s), ...LeanAttempts::creaseFilled($s)],
            Sight::HardwareInPath => BeltAttempts::buckleTurned($s),
            Sight::BarsTooDeep => [new Attempt(AttemptCode::StrapsLong), new Attempt(AttemptCode::PressCushion)],
            Sight::TailInPath => [new Attempt(AttemptCode::TailStraight)],
            Sight::SlackComesBack => $s->onlyAnchorsHold()
                ? [new Attempt(AttemptCode::TailStraight), new Attempt(AttemptCode::WeightIn)]
                : self::slackOnBelt($s),
            Sight::TooFlat => [new Attempt(AttemptCode::FootEnd), ...LeanAttempts::settings($s)],
            Sight::TooUpright => [...LeanAttempts::settings($s), ...LeanAttempts::wedge($s)],
        };
    }

    /** @return list<Attempt> */
    private static function looseOnBelt(AssessmentContext $s): array
    {
        return [
            new Attempt(AttemptCode::WeightIn),
            new Attempt(AttemptCode::PullFromInside),
            new Attempt(AttemptCode::RockIt),
            new Attempt(AttemptCode::PegBelt),
            ...self::room($s),
            ...BeltAttempts::otherLocks($s),
        ];
    }

    /** @return list<Attempt> */
    private static function looseOnAnchors(AssessmentContext $s): array
    {
        return [
            new Attempt(AttemptCode::StrapsLong),
            new Attempt(AttemptCode::WeightIn),
            new Attempt(AttemptCode::TailStraight),
            new Attempt(AttemptCode::RockIt),
            ...self::room($s),
        ];
    }

    /** @return list<Attempt> */
    private static function room(AssessmentContext $s): array
    {
        $more = match (true) {
            $s->isRear() => LeanAttempts::creaseFilled($s),
            $s->setup()->tether->used === true => [new Attempt(AttemptCode::PushBackWithTether)],
            default => [],
        };

        return [new Attempt(AttemptCode::MakeRoom), ...$more];
    }

    /** @return list<Attempt> */
    private static function slackOnBelt(AssessmentContext $s): array
    {
        $ratchets = in_array(Lock::Retractor, $s->setup()->lock ?? [], true);

        return [
            ...($ratchets ? [new Attempt(AttemptCode::RatchetAgain)] : []),
            new Attempt(AttemptCode::RockIt),
            new Attempt(AttemptCode::PegBelt),
            ...BeltAttempts::otherLocks($s),
        ];
    }

    /** @return list<Attempt> */
    private static function instead(AssessmentContext $s): array
    {
        return [
            ...match (HeldOtherwise::fitting($s)) {
                HeldBy::Belt => [new Attempt(AttemptCode::TheBelt)],
                HeldBy::LowerAnchors => [new Attempt(AttemptCode::TheAnchors)],
                default => [],
            },
            ...(FreePlaces::anywhere($s)->any === Truth::No ? [] : [new Attempt(AttemptCode::OtherPlace)]),
            new Attempt(AttemptCode::OtherSeat),
        ];
    }
}
