<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\CaseFile\Leave;
use MintBuckle\Core\CaseFile\Lock;
use MintBuckle\Core\CaseFile\Position;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Finding;
use MintBuckle\Core\Finding\Question;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Finding\Source;
use MintBuckle\Core\Finding\Station;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Rules\Rule;
use MintBuckle\Core\Situation;
use MintBuckle\Core\Truth;

/** Are locks used together that must not be, or one alone where its maker wants both; is the lock-off on its side? */
final readonly class LockTogetherRule implements Rule
{
    public function codes(): array
    {
        return [Code::SecureDoubleLock, Code::SecureLockoffWrong, Code::SecureClipWithLock];
    }

    public function judge(Situation $s): iterable
    {
        $locks = $s->setup()->lock;
        if (! $s->isHarness() || ! $s->beltHolds() || $locks === null) {
            return;
        }
        $onSeat = in_array(Lock::Lockoff, $locks, true) || in_array(Lock::TensionDoor, $locks, true);
        $retractor = in_array(Lock::Retractor, $locks, true);
        $wish = $s->seat?->lockRetractorToo;
        $canLock = LockFinder::retractorCanLock($s->place ?? new Position(''));
        $double = match ($wish) {
            Leave::Forbidden => $onSeat && $retractor,
            Leave::Required => $onSeat !== $retractor && ($onSeat || $s->seat->lockoff === true || $s->seat->tensionDoor === true),
            default => false,
        };
        $withClip = in_array(Lock::Clip, $locks, true) && $retractor;
        if (($double || $withClip) && $canLock === Truth::Unknown) {
            yield new Question($s->placePath('retractor'), Station::Secure);
        }
        if ($double && $canLock === Truth::Yes) {
            yield new Finding(
                Code::SecureDoubleLock,
                Severity::Fix,
                $wish === Leave::Forbidden ? 'The seat\'s own lock and the retractor are both locked; its maker forbids both.' : 'Only one of the two is locked; the seat\'s maker wants its own lock and the retractor.',
                $wish === Leave::Forbidden ? 'Let the retractor run free again.' : 'Lock the other one too.',
                from: 'seat',
                sources: [Source::manual('seat')],
            );
        }
        if ($withClip && $canLock === Truth::Yes) {
            yield new Finding(Code::SecureClipWithLock, Severity::Fix, 'The retractor is left in locking mode with the locking clip on.', 'Let the belt wind in all the way once, so that it runs free again.', sources: [Source::common()]);
        }
        yield from self::side($s, $locks);
    }

    /**
     * @param list<Lock> $locks
     * @return iterable<Finding|Question>
     */
    private static function side(Situation $s, array $locks): iterable
    {
        $asked = $s->seat?->lockoffUse;
        $used = $s->setup()->lockoffUsed;
        if ($asked === null || ! in_array(Lock::Lockoff, $locks, true)) {
            return;
        }
        if ($used === null) {
            yield new Question('setup.lockoff_used', Station::Secure);
        } elseif ($used !== $asked) {
            yield new Finding(Code::SecureLockoffWrong, Severity::Fix, 'The lock-off is closed on the wrong side.', 'Its maker says: ' . str_replace('_', ' ', $asked->value) . '.', observed: $used->value, limit: $asked->value, from: 'seat', sources: [Source::manual('seat')]);
        }
    }
}
