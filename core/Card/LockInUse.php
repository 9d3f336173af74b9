<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Facts\MakerPermission;
use MintBuckle\Core\Locking\LockFinder;
use MintBuckle\Core\Telling\Message;
use MintBuckle\Core\Truth\Truth;

/** Which lock the card follows: what is claimed and works here; where nothing does, what the finder would use first. */
final readonly class LockInUse
{
    /** In the finder's order, a lock-off before a clamp door. */
    private const ORDER = [Lock::Lockoff, Lock::ClampDoor, Lock::LatchPlate, Lock::Retractor, Lock::Clip];

    /**
     * @param Lock|null $lock null where nothing is known to lock this belt for this seat
     * @param Message|null $notice said at the first step where the card does not follow what is there now
     */
    private function __construct(public ?Lock $lock, public ?Message $notice) {}

    public static function of(AssessmentContext $s): self
    {
        $claimed = self::claimedThatWork($s);
        if ($claimed !== []) {
            return new self(self::among($claimed, $s), null);
        }
        $first = LockFinder::of($s)->first();

        return new self($first, match (true) {
            $first === null => new Message('card.notices.nothing_locks'),
            self::isHeldByBelt($s) && (
                $s->setup()->lock ?? []
            ) !== [] => new Message('card.notices.claimed'),
            self::isHeldByBelt($s) => new Message('card.notices.unlocked'),
            default => new Message('card.notices.otherwise'),
        });
    }

    private static function isHeldByBelt(AssessmentContext $s): bool
    {
        return $s->heldBy === HeldBy::Belt || $s->heldBy === HeldBy::Both;
    }

    /** @return list<Lock> in the finder's order */
    private static function claimedThatWork(AssessmentContext $s): array
    {
        $claimed = self::isHeldByBelt($s) ? $s->setup()->lock ?? [] : [];

        return array_values(array_filter(
            self::ORDER,
            static fn(Lock $lock): bool => in_array($lock, $claimed, true) && LockFinder::of($s)->holds($lock)[0] === Truth::Yes,
        ));
    }

    /** @param non-empty-list<Lock> $locks */
    private static function among(array $locks, AssessmentContext $s): Lock
    {
        $own = LockFinder::of($s)->first();

        return match (true) {
            // The retractor is set free with the clip on.
            $locks === [Lock::Retractor, Lock::Clip] => Lock::Clip,
            $locks === [Lock::Retractor] && $s->seat?->lockRetractorToo === MakerPermission::Required && $own?->isOnSeat() === true => $own,
            default => $locks[0],
        };
    }
}
