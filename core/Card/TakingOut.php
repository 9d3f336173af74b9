<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Lock;

/**
 * How the seat comes out again: unbuckle or unhook first, then open a clamp door or lock-off; ease an anchor strap before unhooking.
 * Common practice.
 */
final readonly class TakingOut
{
    /** @return list<string> none for the belt alone, or while it is not known what holds the seat */
    public static function of(AssessmentContext $s): array
    {
        if (! $s->isHarness() && ! $s->isBooster()) {
            return [];
        }
        $heldBy = $s->setup()->heldBy;
        $belt = $s->isHarness() && ($heldBy === HeldBy::Belt || $heldBy === HeldBy::Both);
        $setup = $s->setup();

        return array_values(array_filter([
            $setup->tether->used === true ? 'Ease the tether and unhook it.' : null,
            $s->isHarness() && $s->isOnBase() ? 'Lift the shell off its base by the release.' : null,
            ...($belt ? self::belt(LockInUse::of($s)->lock) : []),
            $s->anchorsHold() ? 'Ease the anchor strap, then unhook both ends and store them on the seat.' : null,
            $s->isBooster() ? 'Unbuckle the child and let the belt wind in; then lift the booster out.' : null,
            $setup->headRestraint === HeadRestraint::Raised || $setup->headRestraint === HeadRestraint::Removed
                ? 'Put the vehicle\'s head restraint back where it belongs.'
                : null,
        ]));
    }

    /** @return list<string> */
    private static function belt(?Lock $lock): array
    {
        return [
            'Unbuckle the belt.',
            ...match ($lock) {
                Lock::ClampDoor => ['Then open the clamp door.'],
                Lock::Lockoff => ['Then open the lock-off.'],
                Lock::Clip => ['Take the locking clip off: the belt must run free for people.'],
                default => [],
            },
            'Pull the belt out of the path and let it wind in all the way.',
        ];
    }
}
