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
    /** @return list<FactRule> on a bus too */
    public static function everywhere(): array
    {
        return [
            new FactRule(Code::of('secure.twist'),            Severity::Fix,    When::Held,          true,  'setup.twisted',                  static fn(AssessmentContext $s): ?bool => $s->setup()->twisted, true),
            new FactRule(Code::of('secure.shell_unlocked'),    Severity::Fix,    When::OnBase,        When::ShellMoves, 'setup.shell_locked',             static fn(AssessmentContext $s): ?bool => $s->setup()->shellLocked, false),
        ];
    }

    /** @return list<FactRule> */
    public static function rules(): array
    {
        $advise = Severity::Advise;
        $fix = Severity::Fix;

        return [
            // code, weight, when, asked, fact, read, faulty value; message, remedy
            new FactRule(Code::of('secure.strap_trapped'),     $fix,    When::Held,          false, 'setup.strap_trapped',            static fn(AssessmentContext $s): ?bool => $s->setup()->strapTrapped, true),
            new FactRule(Code::of('secure.belt_guides'),       $fix,    When::BeltHolds,     false, 'setup.belt_in_guides',           static fn(AssessmentContext $s): ?bool => $s->setup()->beltInGuides, false),
            new FactRule(Code::of('secure.buckle_in_path'),     $fix,    When::BeltHolds,     false, 'setup.buckle_in_path',           static fn(AssessmentContext $s): ?bool => $s->setup()->buckleInPath, true),
            new FactRule(Code::of('secure.door_open'),         $fix,    When::BeltHoldsByDoor, When::DoorLocks, 'setup.clamp_door_closed',      static fn(AssessmentContext $s): ?bool => $s->setup()->clampDoorClosed, false),
            new FactRule(Code::of('secure.hook_upside_down'),   $fix,    When::AnchorsHold,   true,  'setup.hook_right_way_up',        static fn(AssessmentContext $s): ?bool => $s->setup()->hookRightWayUp, false, subject: 'lower_anchors'),
            new FactRule(Code::of('secure.hook_upside_down'),   $fix,    When::Tethered,      false, 'setup.tether.hook_right_way_up', static fn(AssessmentContext $s): ?bool => $s->setup()->tether->hookRightWayUp, false, subject: 'tether'),
            new FactRule(Code::of('secure.straps_not_stowed'),  $fix,    When::SeatJudged,    false, 'setup.unused_straps_stowed',     static fn(AssessmentContext $s): ?bool => $s->setup()->unusedStrapsStowed, false),
            new FactRule(Code::of('secure.tail'),             $advise, When::SeatJudged,    false, 'setup.anchor_tail_loose',        static fn(AssessmentContext $s): ?bool => $s->setup()->anchorTailLoose, true),
            new FactRule(Code::of('secure.booster_not_parked'), $advise, When::Booster,       false, 'setup.empty_booster_buckled',    static fn(AssessmentContext $s): ?bool => $s->setup()->emptyBoosterBuckled, false),
        ];
    }
}
