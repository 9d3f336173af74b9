<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Facts\Retractor;
use MintBuckle\Core\Facts\SeatingPosition;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Finds;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Truth\Truth;

/** Are locks used together that must not be, or one alone where its maker wants both; is the lock-off on its side? */
final readonly class LockTogetherRule implements Rule
{
    public function finds(): array
    {
        return [
            new Finds(Code::of('secure.double_lock'), [Severity::Fix], mendedBy: ['setup.lock']),
            new Finds(Code::of('secure.lockoff_wrong'), [Severity::Fix], mendedBy: ['setup.lockoff_used']),
            new Finds(Code::of('secure.clip_with_lock'), [Severity::Fix], mendedBy: ['setup.lock']),
        ];
    }

    public function judge(AssessmentContext $s): iterable
    {
        $locks = $s->setup()->lock;
        if (! $s->isHarness() || ! $s->beltHolds() || $locks === null) {
            return;
        }
        yield from self::double($s, $locks);
        if (in_array(Lock::Clip, $locks, true) && in_array(Lock::Retractor, $locks, true)) {
            yield from self::clipWithLock($s);
        }
        yield from self::side($s, $locks);
    }

    /**
     * @param list<Lock> $locks
     * @return iterable<Finding|Question>
     */
    private static function double(AssessmentContext $s, array $locks): iterable
    {
        $wish = $s->seat?->lockRetractorToo;
        $retractor = in_array(Lock::Retractor, $locks, true);
        $own = ['seat.lockoff' => Truth::of($s->seat?->lockoff), 'seat.clamp_door' => Truth::of($s->seat?->clampDoor)];
        $claimed = array_intersect_key($own, array_filter([
            'seat.lockoff' => in_array(Lock::Lockoff, $locks, true),
            'seat.clamp_door' => in_array(Lock::ClampDoor, $locks, true),
        ]));
        if ($wish === null && $claimed !== [] && $retractor) {
            yield new Question('seat.lock_retractor_too', Station::Secure);
        }
        $on = Truth::any(...array_values($claimed));
        $leftOpen = Truth::any(...array_values(array_diff_key($own, $claimed)));
        // Only a lock that the seat is known to have counts: another one that is claimed leaves the seat's own open.
        $double = match (true) {
            $wish === MakerPermission::Forbidden && $retractor => $on,
            $wish === MakerPermission::Required && $retractor => $leftOpen->and($on->not()),
            $wish === MakerPermission::Required => $on,
            default => Truth::No,
        };
        $canLock = LockFinder::retractorCanLock($s->place ?? new SeatingPosition(''));
        $both = $double->and($canLock);
        if ($both === Truth::Yes) {
            yield self::doubled($wish === MakerPermission::Forbidden);
        }
        if ($both !== Truth::Unknown) {
            return;
        }
        $concerns = $wish === MakerPermission::Required && $retractor ? $own : $claimed;
        foreach ($double === Truth::Unknown ? array_keys($concerns, Truth::Unknown, true) : [] as $path) {
            yield new Question($path, Station::Secure);
        }
        if ($canLock === Truth::Unknown) {
            yield new Question($s->placePath('retractor'), Station::Secure);
        }
    }

    private static function doubled(bool $isForbidden): Finding
    {
        return new Finding(
            Code::of('secure.double_lock'),
            Severity::Fix,
            variant: $isForbidden ? 'forbidden' : 'required',
            from: 'seat',
            sources: [Source::SeatManual->cite()],
        );
    }

    /** @return iterable<Finding|Question> */
    private static function clipWithLock(AssessmentContext $s): iterable
    {
        $canLock = LockFinder::retractorCanLock($s->place ?? new SeatingPosition(''));
        if ($canLock === Truth::Unknown) {
            yield new Question($s->placePath('retractor'), Station::Secure);
        } elseif ($canLock === Truth::Yes) {
            yield new Finding(
                Code::of('secure.clip_with_lock'),
                Severity::Fix,
                mend: $s->place?->retractor === Retractor::AlwaysLocking ? 'always' : 'switchable',
                sources: [Source::Common->cite()],
            );
        }
    }

    /**
     * @param list<Lock> $locks
     * @return iterable<Finding|Question>
     */
    private static function side(AssessmentContext $s, array $locks): iterable
    {
        $asked = $s->seat?->lockoffUse;
        $used = $s->setup()->lockoffUsed;
        if ($asked === null || ! in_array(Lock::Lockoff, $locks, true)) {
            return;
        }
        if ($used === null) {
            yield new Question('setup.lockoff_used', Station::Secure);
        } elseif ($used !== $asked) {
            yield new Finding(
                Code::of('secure.lockoff_wrong'),
                Severity::Fix,
                with: ['side' => $asked],
                observed: $used->value,
                limit: $asked->value,
                from: 'seat',
                sources: [Source::SeatManual->cite()],
            );
        }
    }
}
