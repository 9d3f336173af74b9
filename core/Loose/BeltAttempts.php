<?php

declare(strict_types=1);

namespace MintBuckle\Core\Loose;

use Brick\Math\RoundingMode;
use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Locking\LockWay;
use MintBuckle\Core\Truth\Truth;

/** What a belt offers beside a better pull: another lock, a buckle out of the way. Common practice; handbook section 7. */
final readonly class BeltAttempts
{
    /** A buckle stalk is turned down by so many full turns at most; handbook section 7. */
    private const MOST_TURNS = 3;

    /**
     * The shoulder belt of a locked retractor pulls one side up: it is left free, and something else locks.
     *
     * @return list<Attempt>
     */
    public static function freeRetractor(AssessmentContext $s): array
    {
        if (! in_array(Lock::Retractor, $s->setup()->lock ?? [], true)) {
            return [];
        }

        return array_map(
            static fn(LockWay $way): Attempt => new Attempt(AttemptCode::FreeRetractor, $way->way),
            self::waysBut($s, [Lock::Retractor->value]),
        );
    }

    /** @return list<Attempt> every other way that is known to work here */
    public static function otherLocks(AssessmentContext $s): array
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

    /** @return list<Attempt> first without turns, then down as far as it may be */
    public static function buckleTurned(AssessmentContext $s): array
    {
        $left = self::MOST_TURNS - ($s->setup()->buckleTurns?->toScale(0, RoundingMode::CEILING)->toInt() ?? 0);
        $turn = match ($left > 0 ? $s->case->vehicle?->buckleTurnsOk : false) {
            true => AttemptCode::TurnBuckle,
            null => AttemptCode::TurnBuckleIfAllowed,
            false => null,
        };

        return [new Attempt(AttemptCode::WithoutTurns), ...($turn === null ? [] : [new Attempt($turn, (string) $left)])];
    }
}
