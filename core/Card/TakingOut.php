<?php

declare(strict_types=1);

namespace MintBuckle\Core\Card;

use MintBuckle\Core\CaseFile\HeldBy;
use MintBuckle\Core\CaseFile\Lock;
use MintBuckle\Core\Situation;

/** How the seat comes out again: unbuckle or unhook first, then open a tension door or lock-off; ease an anchor strap before unhooking. */
final readonly class TakingOut
{
    /** @return list<string> */
    public static function of(Situation $s): array
    {
        $setup = $s->setup();
        $locks = $setup->lock ?? [];
        $belt = $setup->heldBy === HeldBy::Belt || $setup->heldBy === HeldBy::Both;
        $anchors = $setup->heldBy === HeldBy::LowerAnchors || $setup->heldBy === HeldBy::Both;

        return array_values(array_filter([
            $setup->tether->used === true ? 'Ease the tether and unhook it.' : null,
            $belt ? 'Unbuckle the belt.' : null,
            in_array(Lock::TensionDoor, $locks, true) ? 'Then open the tension door.' : null,
            in_array(Lock::Lockoff, $locks, true) ? 'Then open the lock-off.' : null,
            in_array(Lock::Clip, $locks, true) ? 'Take the locking clip off: the belt must run free for people.' : null,
            $anchors ? 'Ease the anchor strap, then unhook both ends and stow them.' : null,
            'Let the belt wind in all the way.',
        ]));
    }
}
