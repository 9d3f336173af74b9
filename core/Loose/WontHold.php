<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

use Brick\Math\RoundingMode;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Fit\FreePlaces;
use MintBuckle\Core\Fit\HeldOtherwise;
use MintBuckle\Core\Fit\ReclineSettings;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Truth\Truth;
use MintBuckle\Core\Wedge\WedgeSize;

/**
 * What to try next where a seat will not hold: for what one sees, and for this seat, belt and way of holding, the nearest thing first; at
 * the end the other way of holding, another place, another seat. Handbook sections 7 and 8: common practice.
 */
final readonly class WontHold
{
    /** A buckle stalk is turned down by so many full turns at most; handbook section 7. */
    private const MOST_TURNS = 3;

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
            Sight::TipsToOneSide => [...self::locksThatLeaveTheRetractorFree($s), ...self::creaseFilled($s)],
            Sight::HardwareInPath => self::buckleTurned($s),
            Sight::BarsTooDeep => [new Attempt(AttemptCode::StrapsLong), new Attempt(AttemptCode::PressCushion)],
            Sight::TailInPath => [new Attempt(AttemptCode::TailStraight)],
            Sight::SlackComesBack => $s->onlyAnchorsHold()
                ? [new Attempt(AttemptCode::TailStraight), new Attempt(AttemptCode::WeightIn)]
                : self::slackOnBelt($s),
            Sight::TooFlat => [new Attempt(AttemptCode::FootEnd), ...self::settings($s)],
            Sight::TooUpright => [...self::settings($s), ...self::wedge($s)],
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
            ...self::otherLocks($s),
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
        return $s->isRear()
            ? [new Attempt(AttemptCode::MakeRoom), ...self::creaseFilled($s)]
            : [new Attempt(AttemptCode::MakeRoom), ...($s->setup()->tether->used === true ? [new Attempt(AttemptCode::PushBackWithTether)] : [])];
    }

    /** @return list<Attempt> */
    private static function slackOnBelt(AssessmentContext $s): array
    {
        $ratchets = in_array(Lock::Retractor, $s->setup()->lock ?? [], true);

        return [
            ...($ratchets ? [new Attempt(AttemptCode::RatchetAgain)] : []),
            new Attempt(AttemptCode::RockIt),
            new Attempt(AttemptCode::PegBelt),
            ...self::otherLocks($s),
        ];
    }

    /**
     * The shoulder belt of a locked retractor pulls one side up: it is left free, and something else locks.
     *
     * @return list<Attempt>
     */
    private static function locksThatLeaveTheRetractorFree(AssessmentContext $s): array
    {
        if (! in_array(Lock::Retractor, $s->setup()->lock ?? [], true)) {
            return [];
        }

        return array_map(
            static fn(LockWay $way): Attempt => new Attempt(AttemptCode::FreeRetractor, $way->way),
            self::waysBut($s, [Lock::Retractor->value]),
        );
    }

    /** @return list<Attempt> */
    private static function otherLocks(AssessmentContext $s): array
    {
        $inUse = array_map(
            static fn(Lock $lock): string => $lock === Lock::ClampDoor ? LockWay::OWN : $lock->value,
            $s->setup()->lock ?? [],
        );

        return array_map(
            static fn(LockWay $way): Attempt => new Attempt(AttemptCode::OtherLock, $way->way),
            self::waysBut($s, $inUse),
        );
    }

    /**
     * @param list<string> $not
     * @return list<LockWay> that are known to work here
     */
    private static function waysBut(AssessmentContext $s, array $not): array
    {
        return array_values(array_filter(
            LockFinder::of($s)->ways,
            static fn(LockWay $way): bool => $way->works === Truth::Yes && ! in_array($way->way, $not, true),
        ));
    }

    /** @return list<Attempt> */
    private static function buckleTurned(AssessmentContext $s): array
    {
        $left = self::MOST_TURNS - ($s->setup()->buckleTurns?->toScale(0, RoundingMode::CEILING)->toInt() ?? 0);
        $turn = match ($left > 0 ? $s->case->vehicle?->buckleTurnsOk : false) {
            true => AttemptCode::TurnBuckle,
            null => AttemptCode::TurnBuckleIfAllowed,
            false => null,
        };

        return [new Attempt(AttemptCode::WithoutTurns), ...($turn === null ? [] : [new Attempt($turn, (string) $left)])];
    }

    /** @return list<Attempt> */
    private static function creaseFilled(AssessmentContext $s): array
    {
        return $s->isRear() && $s->seat?->wedgeOk === true ? [new Attempt(AttemptCode::CreaseFilled)] : [];
    }

    /** @return list<Attempt> other settings that this child may have */
    private static function settings(AssessmentContext $s): array
    {
        $now = $s->setup()->reclineSetting;
        $others = array_filter(ReclineSettings::of($s)->allowed(), static fn(int $setting): bool => $setting !== $now);

        return array_values(array_map(
            static fn(int $setting): Attempt => new Attempt(AttemptCode::OtherSetting, (string) $setting),
            $others,
        ));
    }

    /** @return list<Attempt> the stack that the angle asks for; without one a noodle first */
    private static function wedge(AssessmentContext $s): array
    {
        if ($s->seat?->wedgeOk !== true) {
            return [];
        }

        return match (WedgeSize::of($s)?->stack) {
            'three_noodles' => [new Attempt(AttemptCode::Noodles, '3')],
            'towel' => [new Attempt(AttemptCode::Towel)],
            'one_noodle' => [new Attempt(AttemptCode::Noodles, '1')],
            default => [new Attempt(AttemptCode::Noodles, '1'), new Attempt(AttemptCode::Towel)],
        };
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
