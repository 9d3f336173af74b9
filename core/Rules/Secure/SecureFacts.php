<?php

declare(strict_types=1);

namespace MintBuckle\Core\Rules\Secure;

use MintBuckle\Core\Context\AssessmentContext;
use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rules\FactRule;
use MintBuckle\Core\Rules\When;

/** What one look at belt, hooks and straps settles. */
final readonly class SecureFacts
{
    /** @return list<FactRule> */
    public static function rules(): array
    {
        $advise = Severity::Advise;
        $fix = Severity::Fix;

        return [
            // code, weight, when, asked, fact, read, faulty value; message, remedy
            new FactRule(Code::of('secure.twist'),            $fix,    When::Held,          true,  'setup.twisted',                  static fn(AssessmentContext $s): ?bool => $s->setup()->twisted, true,
                'The webbing is twisted, folded or knotted in the path.', 'Take it out, lay it flat and begin again.'),
            new FactRule(Code::of('secure.strap_trapped'),     $fix,    When::Held,          false, 'setup.strap_trapped',            static fn(AssessmentContext $s): ?bool => $s->setup()->strapTrapped, true,
                'A strap of the seat is caught under the belt, the door or the cover.', 'Free the strap, then tighten again.'),
            new FactRule(Code::of('secure.belt_guides'),       $fix,    When::BeltHolds,     false, 'setup.belt_in_guides',           static fn(AssessmentContext $s): ?bool => $s->setup()->beltInGuides, false,
                'The belt lies outside the seat\'s guides.', 'Lay the belt in the guides.'),
            new FactRule(Code::of('secure.buckle_in_path'),     $fix,    When::BeltHolds,     false, 'setup.buckle_in_path',           static fn(AssessmentContext $s): ?bool => $s->setup()->buckleInPath, true,
                'The buckle rides up into the belt path, so the belt cannot tighten.', 'Turn the stalk down if the vehicle allows, or use another place.'),
            new FactRule(Code::of('secure.door_open'),         $fix,    When::BeltHoldsByDoor, When::DoorLocks, 'setup.clamp_door_closed',      static fn(AssessmentContext $s): ?bool => $s->setup()->clampDoorClosed, false,
                'The clamp door or lever is not fully closed.', 'Press it until it clicks.'),
            new FactRule(Code::of('secure.shell_unlocked'),    $fix,    When::OnBase,        When::ShellMoves, 'setup.shell_locked',             static fn(AssessmentContext $s): ?bool => $s->setup()->shellLocked, false,
                'The shell is not locked in.', 'Set or turn it again until it clicks and every indicator agrees.'),
            new FactRule(Code::of('secure.hook_upside_down'),   $fix,    When::AnchorsHold,   true,  'setup.hook_right_way_up',        static fn(AssessmentContext $s): ?bool => $s->setup()->hookRightWayUp, false,
                'An anchor hook is not the way up its maker shows.', 'Unhook it, turn it over and hook it on again.', 'lower_anchors'),
            new FactRule(Code::of('secure.hook_upside_down'),   $fix,    When::Tethered,      false, 'setup.tether.hook_right_way_up', static fn(AssessmentContext $s): ?bool => $s->setup()->tether->hookRightWayUp, false,
                'The tether hook is not the way up its maker shows.', 'Unhook it, turn it over and hook it on again.', 'tether'),
            new FactRule(Code::of('secure.straps_not_stowed'),  $fix,    When::SeatJudged,    false, 'setup.unused_straps_stowed',     static fn(AssessmentContext $s): ?bool => $s->setup()->unusedStrapsStowed, false,
                'Straps that this set-up does not use hang loose.', 'Stow them where the seat keeps them.'),
            new FactRule(Code::of('secure.tail'),             $advise, When::SeatJudged,    false, 'setup.anchor_tail_loose',        static fn(AssessmentContext $s): ?bool => $s->setup()->anchorTailLoose, true,
                'The free end of an anchor strap lies loose in the seat.', 'Roll it up and tuck it away.'),
            new FactRule(Code::of('secure.booster_not_parked'), $advise, When::Booster,       false, 'setup.empty_booster_buckled',    static fn(AssessmentContext $s): ?bool => $s->setup()->emptyBoosterBuckled, false,
                'The empty booster is left unbuckled.', 'Buckle it in when nobody sits on it.'),
        ];
    }
}
