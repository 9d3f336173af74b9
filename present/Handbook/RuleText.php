<?php

declare(strict_types=1);

namespace MintBuckle\Present\Handbook;

use MintBuckle\Core\Finding\Code;
use MintBuckle\Core\Finding\Severity;
use MintBuckle\Core\Rulebook;

/** A rule in the handbook: what it looks for, in one sentence; its weight, the mark of its source and its figures are the rule's own. */
final readonly class RuleText
{
    /** @var array<string, array{0: string, 1?: string}> code => when; and how heavy, where it depends */
    private const ROWS = [
        'label.unreadable' => ['Maker, model or date cannot be read: it can be checked against nothing.'],
        'label.name_only' => ['Only a trade name is known; seats of nearly one name differ in rules and recalls: model number needed.'],
        'label.standard' => ['Label claims none of the practice\'s accepted standards.'],
        'expiry.passed' => ['Today is on or after the first day it may no longer be used.'],
        'expiry.soon' => ['That day is within {days} days.'],
        'expiry.unknown' => [
            'Neither a stamped end nor a useful life with its make date is known (6 to 10 years is common, but never assumed).',
        ],
        'recall.affected' => [
            'A campaign matches and is not shown as remedied: stop when its advice is to stop use, advise when it may be used until remedied.',
            'stop or advise',
        ],
        'recall.possible' => ['The campaign matches on what is known, and a missing date/model/serial would decide it.'],
        'recall.list_stale' => ['List date missing or more than {days} days before the check.'],
        'register.missing' => [
            'Seat not registered with its maker, so no notice would reach the family; card lost: on line or from the maker.',
        ],
        'history.unknown' => ['Second-hand and the past is not known by the giver.'],
        'history.crash' => [
            'In a crash, and the policy or practice is strict, or the maker says replace after any crash, or any of the five minor-crash points fails.',
        ],
        'history.minor_crash' => [
            'Policy for minor crashes, maker silent, all five hold: car drove away; door nearest the seat undamaged; nobody in the car hurt; no airbag opened; no visible damage to the seat.',
        ],
        'history.crash_unclear' => ['A crash, and one of the five is unknown (and none fails).'],
        'condition.damage' => ['Crack, deformation, frayed, cut or knotted webbing, buckle or adjuster that does not hold.'],
        'condition.altered' => ['Home repair or alteration.'],
        'condition.part_missing' => ['An essential part is missing (fitted replacement from the maker clears it).'],
        'condition.part_missing_minor' => ['A part that does not carry load is missing.'],
        'extras.unapproved' => [
            'Anything that neither came in the box nor is named by the seat\'s maker (an accessory that only says of itself that it fits is not): strap covers, head pads, mats under the seat, mirrors, toys, covers behind the child. One finding per item. A mat is slippery or compresses; a mirror or toy can strike a face when the seat rotates in a crash.',
        ],
        'extras.insert_range' => [
            'The maker\'s insert is used outside its own weight window. An insert the seat does not know counts as an unapproved extra.',
        ],
        'mode.not_offered' => [
            'The seat has no such mode.',
            'fix if another mode of this seat fits, else stop',
        ],
        'mode.limits_unknown' => ['The mode in use lacks a maximum weight or height of its own; any mode that does is not known to fit.'],
        'mode.under_one_forward' => [
            'Under 12 months and not rear-facing.',
            'fix, or stop if the seat has no fitting rear mode',
        ],
        'mode.law_rear' => [
            'Younger than the law\'s rear-facing age, or lighter than its weight, and not rear-facing.',
            'fix, or stop if the seat has no fitting rear mode',
        ],
        'mode.forward_early' => ['Forward-facing though the rear-facing harness of this seat still fits: rear-facing as long as possible.'],
        'mode.outside_limits' => [
            'A limit of the mode in use is broken; one finding, naming each.',
            'fix if another mode of this seat fits, or this one held otherwise here; else stop',
        ],
        'mode.booster_early' => [
            'Booster under the practice\'s age or weight floor, or the law\'s.',
            'fix; stop if no harness mode of this seat fits either',
        ],
        'mode.booster_could_harness' => ['Booster above the floors while this seat\'s forward harness still fits.'],
        'mode.back_off_early' => ['Backless though this seat\'s high back still fits.'],
        'mode.belt_only_early' => ['No seat, and any of the five belt-fit points fails or stature is under {stature} (about 4 ft 9 in).'],
        'mode.law_booster' => ['No seat, and younger than the law\'s booster age.'],
        'mode.front_row_under_13' => [
            'Under {months} (or the law\'s higher age) in row 1.',
            'fix if a back place is free or the law says so, else advise',
        ],
        'fit.head_rear' => [
            'Rear-facing, less shell above the head than the seat\'s figure, else {clearance}.',
            'fix if another mode of this seat fits, else stop',
        ],
        'fit.head_forward' => [
            'Forward-facing harness, tops of the ears above the shell or head rest.',
            'fix if another mode of this seat fits, else stop',
        ],
        'fit.shoulder_marker' => [
            'Seat has shoulder height markers and the shoulder is outside them.',
            'fix if another mode of this seat fits, else stop',
        ],
        'child.specialist' => ['Medical or positioning needs: refer to a technician trained for them.'],
        'place.airbag' => [
            'Rear-facing in front of an active airbag.',
            'fix; stop if no free place',
        ],
        'place.airbag_forward' => [
            'Any other child seat in front of an active airbag.',
            'fix if a back place is free, else advise',
        ],
        'place.taken' => ['Somebody or something else has that place.'],
        'place.side_facing' => ['Vehicle seat does not face forward.'],
        'place.no_belt' => ['Nothing there can hold this seat: no lower anchors, and the finder knows no way to lock that belt.'],
        'place.booster_lap_only' => ['Booster where only a lap belt exists.'],
        'place.no_tether_anchor' => [
            'A harness mode that needs or should have a tether, at a place without an anchor. Whether the seat demands it must be known.',
            'fix if a free place has one; else stop where the seat, the label\'s standard or the practice demands the tether; else advise (strap stowed)',
        ],
        'place.front_contact' => [
            'A rear-facing seat is pressed hard against the seat ahead; a light touch or a small gap is fine unless a manual says otherwise.',
        ],
        'place.handle' => ['Carrying handle in a position its maker does not allow for travel.'],
        'place.back_not_upright' => ['Vehicle seat back reclined behind a forward-facing seat or booster.'],
        'place.gap_behind' => ['Forward-facing seat does not touch the vehicle seat back.'],
        'place.head_restraint' => [
            'Vehicle head restraint pushes the seat away from the seat back, whichever way it faces: raise or remove it where the vehicle allows, else another place.',
        ],
        'place.too_wide' => ['Widths of seats side by side exceed the usable width (planner and car view only).'],
        'secure.nothing' => ['Not attached (a booster with a child belted needs nothing).'],
        'secure.both' => [
            'Belt and lower anchors together, unless seat and vehicle both allow. Not for boosters, where the belt holds the child.',
        ],
        'secure.booster_anchor_not_allowed' => ['Booster on lower anchors though its maker does not allow it.'],
        'secure.wrong_path' => [
            'Webbing in the other direction\'s belt path: rear-facing path lies under the child\'s legs, forward-facing path behind the back.',
        ],
        'secure.webbing_path' => ['The seat says which webbing goes through (lap and shoulder, or lap only) and it is otherwise.'],
        'secure.belt_guides' => ['Belt outside the seat\'s guides or moulded lines.'],
        'secure.anchor_overweight' => [
            'Lower anchors and child above the seat\'s printed figure, the vehicle\'s figure, or — no figure printed — the practice\'s combined limit less the seat\'s weight: change to the belt. Not for boosters.',
        ],
        'secure.anchor_not_there' => [
            'Hooked to something that is no designated anchor (cargo loop, seat frame), for lower anchors or tether; or the place has none.',
        ],
        'secure.anchor_borrowed' => ['Bars of two neighbouring positions used without both manuals\' leave.'],
        'secure.hook_upside_down' => ['Hook not the way up its maker shows, lower anchors or tether.'],
        'secure.belt_unlocked' => [
            'Nothing fixes the length of the lap part; a claimed lock counts only if that place\'s retractor or latch plate, or the seat, can do it (an emergency-locking retractor locks nothing). Not for boosters.',
        ],
        'secure.double_lock' => [
            'Lock-off or clamp door and retractor lock, where the seat\'s maker forbids both; or both are required and only one is on.',
        ],
        'secure.lockoff_wrong' => ['The lock-off on the wrong side, or both, where the maker says which.'],
        'secure.clip_far' => ['Locking clip further from the latch plate than the limit.'],
        'secure.clip_prongs' => ['Not all four prongs of the locking clip on the webbing (a clip made for one layer: as its maker shows).'],
        'secure.clip_with_lock' => ['Retractor left in locking mode with the clip on.'],
        'secure.twist' => ['Webbing twisted, folded or knotted in the path.'],
        'secure.strap_trapped' => ['Harness, crotch strap or adjuster caught under belt, door or cover.'],
        'secure.buckle_turns' => [
            'Buckle stalk turned more than {turns} full turns, or turned where the vehicle forbids it; leave unknown → ask.',
        ],
        'secure.buckle_in_path' => ['Buckle hardware rides up into the belt path so the belt cannot tighten.'],
        'secure.inflatable_belt' => ['Inflatable belt, and the seat\'s maker does not allow it.'],
        'secure.door_open' => ['Clamp door or lever not fully closed.'],
        'secure.shell_unlocked' => [
            'A shell that lifts off a base or turns on it is not locked in (no click, indicator not set on both sides), the base in use.',
        ],
        'secure.baseless_not_allowed' => ['Infant shell belted without its base and the maker does not allow it.'],
        'secure.straps_not_stowed' => ['Anchor straps, tether or harness that this set-up does not use are loose instead of stored.'],
        'secure.tail' => ['Free end of an anchor strap loose in the seat.'],
        'secure.booster_not_parked' => ['Empty booster left unbuckled.'],
        'measure.loose' => ['Movement beyond the limit in any direction.'],
        'measure.at_limit' => ['At an inclusive limit or within {near} below it: less is better, many would do it again.'],
        'measure.tether_masked' => ['Tether in use and the movement tried only with it tight: loosen it, try again, then tighten it.'],
        'measure.wrong_spot' => ['Movement not tried at the belt path.'],
        'measure.too_upright' => [
            'Rear-facing: indicator says too upright, or the angle is below the seat\'s own range. Too upright lets a young head drop and close the airway. Where the seat says so, too upright is no fault for a child known to sit unaided.',
        ],
        'measure.too_flat' => ['Rear-facing: indicator says too flat, or the angle is above the seat\'s own range.'],
        'measure.zone' => ['The indicator has zones and stands in one not meant for this child (age, weight, sitting).'],
        'measure.not_level' => ['Indicator, zone or angle read while the car is not known to be on level ground: none of them is judged.'],
        'measure.recline_setting' => ['Recline setting not allowed for the mode or for this weight.'],
        'measure.foot_position' => ['Base foot not in the position this mode needs.'],
        'measure.overhang' => [
            'Base beyond the edge of the cushion by more than the seat allows; no figure → at least {share} on the cushion.',
        ],
        'measure.tether_unused' => ['Seat, its standard or a forward harness calls for the tether, anchor there, not used.'],
        'measure.tether_forbidden' => ['Tether on in a mode whose maker forbids it.'],
        'measure.tether_slack' => [
            'Slack left in the tether. Rear-facing it is judged with the child in: it is eased to load the child and taken up again each time.',
        ],
        'measure.tether_overtight' => ['Rear-facing: drawn so hard that the seat shifts or the adjuster passes the shell.'],
        'measure.tether_twist' => ['Tether twisted.'],
        'measure.tether_route' => ['Tether not routed round the head restraint as the vehicle shows.'],
        'measure.part_required' => ['A part that this mode requires is missing: support leg, rebound bar, cup holders.'],
        'measure.part_forbidden' => ['A part is on that this mode forbids.'],
        'measure.side_pod' => ['Side pod not out on the door side (or both sides, as the maker says), or out where the maker says not.'],
        'measure.wedge_not_allowed' => [
            'Noodle or towel under a rear-facing seat whose maker does not allow it, or under any forward-facing seat or booster.',
        ],
        'harness.not_buckled' => ['Buckle or tongues not fastened.'],
        'harness.height' => [
            'Slot on the wrong side of the shoulder for the direction and the seat\'s convention, or a slot the mode forbids; say which slot is right.',
        ],
        'harness.height_far' => ['Right side, but another allowed slot is nearer the shoulder.'],
        'harness.slack' => ['Tightness test fails.'],
        'harness.wrong_test' => ['The test done is not this seat\'s (one finger may pass where a pinch would not).'],
        'harness.hip_slack' => ['Slack at the hips.'],
        'harness.too_tight' => ['Straps press into the skin or bend the body.'],
        'harness.twist' => ['Strap twisted.'],
        'harness.clip' => [
            'Chest clip not level with the armpits (high: neck; low: the body is not held, straps slip off round shoulders), or undone where the seat has one.',
        ],
        'harness.crotch' => [
            'Crotch strap under the child, not the nearest allowed slot that is clear of the child, or a slot the mode forbids.',
        ],
        'harness.slouch' => ['Bottom or back away from the seat.'],
        'harness.coat' => ['Bulky coat under the harness.'],
        'harness.padding' => ['Anything behind or beneath the child that the maker did not supply.'],
        'harness.head_support' => ['Head support not set just above the shoulders, or pushing the head forward.'],
        'harness.tail' => ['Free end of strap loose in or outside the seat.'],
        'booster.lap' => ['Lap part on the belly or waist, not low over the thighs.'],
        'booster.shoulder' => ['Shoulder part touches the neck or slides off the shoulder, not across mid-chest.'],
        'booster.under_arm' => ['Shoulder part under the arm or behind the back.'],
        'booster.guides' => [
            'Lap part not under both arm rests; on the buckle side both parts go under; shoulder guide or positioning clip needed and not used.',
        ],
        'booster.slouch' => ['Bottom or back away from the booster\'s or the vehicle\'s back.'],
        'booster.slack' => ['The shoulder part hangs loose on the chest.'],
        'booster.head_support' => [
            'High-back: head part not raised so that its belt guide sits at or just above the shoulder (it sets the belt\'s path).',
        ],
        'booster.head' => ['Ears above the top of the booster\'s back, the head restraint or the seat back.'],
        'booster.lap_only' => ['Lap belt alone with a booster: never.'],
        'booster.belt_locked' => ['Retractor left locking over a child in a booster; it runs free unless a manual says otherwise.'],
        'handover.unsigned' => ['The policy asks for a second signer, and a signature is missing.'],
        'handover.checker_same' => ['The policy asks for a second signer, and the checker is the technician.'],
        'handover.not_shown_back' => ['The family has not done the last installation with its own hands and shown it back.'],
        'handover.certification' => [
            'A signer\'s certification is out of date on the day.',
            'fix, or ask where its date is unknown',
        ],
    ];

    private function __construct(public Code $code, public string $severity, public string $when, public string $mark) {}

    public static function of(Code $code): self
    {
        $finds = Rulebook::current()->finds($code);
        $severities = array_map(static fn(Severity $s): string => $s->value, $finds->severities);
        [$when, $severity] = self::ROWS[$code->value] + [1 => implode(' or ', $severities)];
        $figures = array_combine(array_map(static fn(string $name): string => "{{$name}}", array_keys($finds->figures)), $finds->figures);

        return new self($code, $severity, strtr($when, $figures), $finds->mark());
    }
}
