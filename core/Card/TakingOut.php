<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Facts\HeadRestraint;
use MintBuckle\Core\Facts\HeldBy;
use MintBuckle\Core\Facts\Lock;
use MintBuckle\Core\Telling\Message;

/**
 * How the seat comes out again: unbuckle or unhook first, then open a clamp door or lock-off; ease an anchor strap before unhooking.
 * Common practice.
 */
final readonly class TakingOut
{
    /** @return list<Message> none for the belt alone, or while it is not known what holds the seat */
    public static function of(AssessmentContext $s): array
    {
        if (! $s->isHarness() && ! $s->isBooster()) {
            return [];
        }
        $heldBy = $s->heldBy;
        $belt = $s->isHarness() && ($heldBy === HeldBy::Belt || $heldBy === HeldBy::Both);
        $setup = $s->setup();

        return array_values(array_filter([
            $setup->tether->used === true ? new Message('taking_out.tether') : null,
            $s->isHarness() && $s->isOnBase() ? new Message('taking_out.shell') : null,
            ...($belt ? self::belt(LockInUse::of($s)->lock) : []),
            $s->anchorsHold() ? new Message('taking_out.anchors') : null,
            $s->isBooster() ? new Message('taking_out.booster') : null,
            $setup->headRestraint === HeadRestraint::Raised || $setup->headRestraint === HeadRestraint::Removed
                ? new Message('taking_out.head_restraint')
                : null,
        ]));
    }

    /** @return list<Message> */
    private static function belt(?Lock $lock): array
    {
        return [
            new Message('taking_out.unbuckle'),
            ...match ($lock) {
                Lock::ClampDoor => [new Message('taking_out.clamp_door')],
                Lock::Lockoff => [new Message('taking_out.lockoff')],
                Lock::Clip => [new Message('taking_out.clip')],
                default => [],
            },
            new Message('taking_out.pull_out'),
        ];
    }
}
