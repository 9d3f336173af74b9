<?php

declare(strict_types=1);

/** What is found at a check, by code and variant, and what to do next. */

return [
    'booster.belt_locked' => ['says' => 'The belt is locked over the child.', 'do' => 'Let it run free, unless a manual says otherwise.'],
    'booster.guides' => [
        'says' => 'The belt does not run through the booster\'s guides as it should.',
        'do' => 'Lap part under both arm rests; on the buckle side both parts go under; use the shoulder guide where it is needed.',
        'missed_lap_buckle_side' => 'On the buckle side the belt is not under the arm rest.',
        'lead_lap_buckle_side' => 'On the buckle side lead lap and shoulder part under the arm rest.',
        'missed_lap_door_side' => 'On the door side the lap part is not under the arm rest.',
        'lead_lap_door_side' => 'On the door side lead the lap part under the arm rest.',
        'missed_shoulder' => 'The shoulder part is not in its guide.',
        'lead_shoulder' => 'Lead the shoulder part through its guide.',
    ],
    'booster.guides/missed' => ['says' => '{missed}', 'do' => '{lead}'],
    'booster.head' => [
        'says' => 'The ears are above the top of the back, the head restraint or the seat back.',
        'do' => 'First raise the head part of a high back as far as the belt guide allows; else choose a place with a head restraint, '
            . 'or a booster with a higher back.',
    ],
    'booster.head_support' => [
        'says' => 'The head part is not raised so that its belt guide sits at or just above the shoulder.',
        'do' => 'Raise or lower the head part until the guide is at the shoulder.',
    ],
    'booster.lap' => ['says' => 'The lap part lies on the belly.', 'do' => 'Bring it low over the thighs.'],
    'booster.lap_only' => [
        'says' => 'The child rides in a booster with a lap belt alone. Never.',
        'do' => 'Move to a place with a lap-shoulder belt.',
    ],
    'booster.shoulder' => [
        'says' => '{shoulder, select, neck {The shoulder part touches the neck.} other {The shoulder part slides off the shoulder.}}',
        'do' => 'Lead it through the shoulder guide so that it crosses mid-chest.',
    ],
    'booster.slack' => [
        'says' => 'The shoulder part hangs loose on the chest.',
        'do' => 'Draw the slack up through the lap part and the shoulder part, so that the belt lies snug and runs free.',
    ],
    'booster.slouch' => [
        'says' => 'Bottom or back are away from the back of the booster or of the vehicle seat.',
        'do' => 'Sit the child back, then lead the belt again.',
    ],
    'booster.under_arm' => [
        'says' => 'The shoulder part is under the arm or behind the back.',
        'do' => 'Bring it over the shoulder and across mid-chest.',
    ],
    'child.specialist' => [
        'says' => 'The child has medical or positioning needs.',
        'do' => 'Refer the family to a technician trained for them.',
    ],
    'condition.altered' => ['says' => 'The seat was repaired or altered at home.', 'do' => 'Do not use it.'],
    'condition.damage' => ['says' => 'Damage: {damage}.', 'do' => 'Do not use it. A part that does not hold cannot be mended here.'],
    'condition.part_missing' => [
        'says' => 'An essential part is missing: {part}.',
        'do' => 'Do not use it until the maker\'s own replacement is fitted.',
    ],
    'condition.part_missing_minor' => [
        'says' => 'A part that carries no load is missing: {part}.',
        'do' => 'Ask the maker for a replacement.',
    ],
    'expiry.passed' => [
        'says' => 'This seat may not be used since {since}.',
        'do' => 'Do not use it. Cut the straps and mark the shell so that nobody else does.',
    ],
    'expiry.soon' => [
        'says' => 'From {from} this seat may no longer be used: {days, plural, one {one day} other {# days}} left.',
        'do' => 'Look for the next seat now and note the day.',
    ],
    'expiry.unknown' => [
        'says' => 'It is not known until when this seat may be used. Six to ten years is common, but never assumed.',
        'do' => 'Look for a "do not use after" stamp in the shell, or for the useful life in the manual and the make date on the label.',
    ],
    'extras.insert_range' => [
        'says' => 'The insert {insert} is {side, select, more {only for more than} least {for at least} less {only for less than} other '
            . '{for at most}} {limit}; the child weighs {weight}.',
        'do' => 'Take the insert out and set the harness again.',
    ],
    'extras.unapproved' => [
        'says' => 'On the seat is something its maker neither supplied nor names: {extra}.',
        'do' => 'Take it off. A mat slips or gives way; a mirror or toy can strike a face when the seat turns in a crash.',
    ],
    'fit.head_forward' => ['says' => '{breaches}.'],
    'fit.head_forward/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'fit.head_forward/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'fit.head_forward/belt_only' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'fit.head_forward/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'fit.head_forward/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'fit.head_rear' => ['says' => '{breaches}.'],
    'fit.head_rear/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'fit.head_rear/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'fit.head_rear/belt_only' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'fit.head_rear/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'fit.head_rear/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'fit.shoulder_marker' => ['says' => '{breaches}.'],
    'fit.shoulder_marker/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'fit.shoulder_marker/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'fit.shoulder_marker/belt_only' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'fit.shoulder_marker/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'fit.shoulder_marker/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'handover.certification' => [
        'says' => 'The {role, select, technician {technician\'\'s} other {checker\'\'s}} certification ended on {ended}.',
        'do' => 'Somebody with a certification in date must look and sign.',
    ],
    'handover.certification/unknown' => [
        'says' => 'It is not known until when the {role, select, technician {technician} other {checker}} is certified.',
        'do' => 'Enter the date on the card.',
    ],
    'handover.checker_same' => [
        'says' => 'Technician and second signer are the same person.',
        'do' => 'Ask somebody else to look and sign.',
    ],
    'handover.not_shown_back' => [
        'says' => 'The family has not shown back that they can do it themselves.',
        'do' => 'Let them install it once with their own hands.',
    ],
    'handover.unsigned' => ['says' => '{missing}', 'do' => 'Ask for the signature that is missing; two people look and sign here.'],
    'harness.clip' => [
        'says' => '{clip, select, high {The chest clip sits too high: it can press on the neck.} low {The chest clip sits too low: straps '
            . 'can slip off the shoulders.} other {The chest clip is undone.}}',
        'do' => 'Close the clip level with the armpits.',
    ],
    'harness.coat' => ['says' => 'A bulky coat is under the harness.', 'do' => 'Take the coat off and lay it over the harness.'],
    'harness.crotch' => ['says' => '{wrong}', 'do' => 'Use the nearest slot that is clear of the child.'],
    'harness.crotch/of_slots' => ['do' => 'Use the nearest slot that is clear of the child, of slots {allowed}.'],
    'harness.head_support' => [
        'says' => 'The head support is not set just above the shoulders, or pushes the head forward.',
        'do' => 'Set the head support for this child.',
    ],
    'harness.height' => [
        'says' => 'The strap leaves the seat {where, select, below {below} by_below {{by} below} above {above} by_above {{by} above} '
            . 'other {at}} the shoulder; here it must be {must, select, at_or_below {at or below it} at_or_above {at or above it} '
            . 'other {level with it or up to 25 mm above}}.',
    ],
    'harness.height/forbidden' => ['says' => 'This mode does not allow slot {slot}.'],
    'harness.height/measure' => ['do' => 'Measure shoulder and slots, then move the straps.'],
    'harness.height/move' => ['do' => 'Move the straps to slot {right}, counted from the lowest.'],
    'harness.height/no_slot' => ['do' => 'No slot of this seat is right for this shoulder in this mode: another mode or another seat.'],
    'harness.height/set' => ['do' => 'Set the straps to the right height.'],
    'harness.height_far' => [
        'says' => 'Slot {slot} is on the right side of the shoulder, but slot {right} is nearer.',
        'do' => 'Move the straps to slot {right}.',
    ],
    'harness.hip_slack' => ['says' => 'There is slack at the hips.', 'do' => 'Draw it up from the hips first, then the adjuster.'],
    'harness.not_buckled' => ['says' => 'The buckle is not fastened.', 'do' => 'Click the tongues in one at a time.'],
    'harness.padding' => [
        'says' => 'Something that the maker did not supply lies behind or beneath the child.',
        'do' => 'Take it out. A rolled cloth beside the body is no padding unless the maker forbids it.',
    ],
    'harness.slack' => [
        'says' => 'The straps are slack: the {test, select, pinch {pinch} finger {finger} other {tightness}} test fails.',
        'do' => 'Draw the slack up from the hips, then the adjuster, then the clip; then the test at the shoulder.',
    ],
    'harness.slouch' => [
        'says' => 'Bottom or back are away from the seat.',
        'do' => 'Sit the child back: bottom and back against the seat.',
    ],
    'harness.tail' => ['says' => 'The free end of the strap lies loose.', 'do' => 'Tuck it away.'],
    'harness.too_tight' => ['says' => 'The straps press into the skin or bend the body.', 'do' => 'Ease them until they lie snug.'],
    'harness.twist' => ['says' => 'A harness strap is twisted.', 'do' => 'Turn the strap flat.'],
    'harness.wrong_test' => [
        'says' => 'The {done, select, pinch {pinch} other {finger}} test was done; this seat is tried by the {test, select, pinch {pinch} '
            . 'other {finger}} test.',
        'do' => '{test, select, pinch {Try to pinch the webbing lengthwise at the shoulder: nothing may stay between the fingers.} '
            . 'other {One finger goes between strap and child, two do not.}}',
    ],
    'history.crash' => ['do' => 'Do not use it. Ask the insurer about a new one, cut the straps and mark the shell.'],
    'history.crash/event' => ['says' => 'The seat was in a crash, and this event replaces every seat that was.'],
    'history.crash/maker' => ['says' => 'The seat was in a crash, and its maker asks for a new one after any crash.'],
    'history.crash/not_minor' => ['says' => 'The crash was not minor: {failed}.'],
    'history.crash_unclear' => [
        'says' => 'The seat was in a crash, and not all five points of a minor one are known.',
        'do' => 'Ask the family, or treat it as a crash that was not minor.',
    ],
    'history.minor_crash' => [
        'says' => 'The seat was in a minor crash: all five points hold, and its maker does not ask for a new one.',
        'do' => 'It may be used. Tell the family why.',
    ],
    'history.unknown' => [
        'says' => 'The seat is second-hand and nobody knows its past.',
        'do' => 'Do not use it: a crash cannot be seen from outside.',
    ],
    'label.name_only' => [
        'says' => 'Only the trade name {name} is known. Seats of nearly one name differ in rules and recalls.',
        'do' => 'Read the model number from the label.',
    ],
    'label.standard' => [
        'says' => 'The label claims {claimed}, which is not accepted here.',
        'do' => 'Do not use this seat here; find one whose label claims {accepted}.',
    ],
    'label.standard/none' => ['says' => 'The label claims no standard at all.'],
    'label.unreadable' => [
        'says' => 'The label cannot be read: maker, model or date is missing, so the seat can be checked against nothing.',
        'do' => 'Look for a second label under the cover or base. Without one, do not use this seat.',
    ],
    'measure.at_limit' => [
        'says' => 'The seat moves {moved} {way, select, side {from side to side} front {front to back} other {up and down}}, just within '
            . 'the limit of {limit}.',
        'do' => 'Less is better: many would tighten it once more.',
    ],
    'measure.foot_position' => [
        'says' => 'The foot of the base is {foot}; this mode needs it {needed}.',
        'do' => 'Set the foot as this mode needs it.',
    ],
    'measure.loose' => [
        'says' => 'The seat moves {moved} {way, select, side {from side to side} front {front to back} other {up and down}}; {inclusive, '
            . 'select, yes {no more than {limit} is allowed} other {it must be less than {limit}}}.',
        'do' => 'Tighten it with weight over the belt path, then try again.',
    ],
    'measure.loose/felt' => [
        'says' => 'By the feel of it the seat moves more than the limit{known, select, inclusive { of {limit}} below {, less than '
            . '{limit},} other {}} {way, select, side {from side to side} front {front to back} other {up and down}}.',
    ],
    'measure.not_level' => [
        'says' => 'The car is not known to stand on level ground, so neither indicator nor angle tells anything.',
        'do' => 'Roll the car to level ground, then read again.',
    ],
    'measure.overhang' => [
        'says' => 'The base hangs {overhang} over the cushion\'s edge; the seat allows {inclusive, select, yes {at most} other {less '
            . 'than}} {limit}.',
        'do' => 'Move the seat back, choose a deeper place, or another seat.',
    ],
    'measure.overhang/share' => [
        'says' => '{none, select, yes {Nothing} other {Only {share}}} of the base stands on the cushion; {least} is the least.',
    ],
    'measure.part_forbidden' => ['says' => 'The {part} is on, and this mode forbids it.', 'do' => 'Take the {part} off.'],
    'measure.part_required' => ['says' => 'This mode needs the {part}, and it is not on.', 'do' => 'Fit the {part}.'],
    'measure.recline_setting' => ['says' => 'Recline setting {setting} is not for this mode and weight.'],
    'measure.recline_setting/ask' => ['do' => 'Ask the seat\'s manual or maker before it rides.'],
    'measure.recline_setting/none' => ['says' => 'The maker gives no recline setting for a child of this weight in this mode.'],
    'measure.recline_setting/use' => ['do' => 'Use setting {right}.'],
    'measure.recline_setting/weigh' => ['do' => 'Weigh the child, then use the setting that the manual gives for that weight.'],
    'measure.side_pod' => [
        'says' => 'The side pods are not out as the maker asks for this place.',
        'do' => '{wanted, select, door_side {Put out the one on the door side, and only that.} both {Put out both.} other {Fold both '
            . 'in: at this place none may be out.}}',
    ],
    'measure.tether_forbidden' => [
        'says' => 'The tether is on, and the seat\'s maker forbids it rear-facing.',
        'do' => 'Unhook the tether and stow it.',
    ],
    'measure.tether_masked' => [
        'says' => 'The movement was tried with the tether tight only; a tight tether can hide a loose seat.',
        'do' => 'Loosen the tether, try again at the belt path, then take it up again.',
    ],
    'measure.tether_overtight' => [
        'says' => 'The tether is drawn so hard that the seat shifts.',
        'do' => 'Ease it until only the slack is out.',
    ],
    'measure.tether_route' => [
        'says' => 'The tether does not run round the head restraint as the vehicle shows.',
        'do' => 'Lead it as the vehicle\'s manual shows.',
    ],
    'measure.tether_slack' => ['says' => 'There is slack in the tether.', 'do' => 'Take all the slack out.'],
    'measure.tether_slack/rear' => [
        'do' => 'Take the slack out with the child in; ease it to load the child and take it up again each time.',
    ],
    'measure.tether_twist' => ['says' => 'The tether strap is twisted.', 'do' => 'Lay it flat.'],
    'measure.tether_unused' => [
        'says' => 'The tether is called for, its anchor is there, and it is not used.',
        'do' => 'Hook the tether on and take the slack out.',
    ],
    'measure.too_flat' => [
        'says' => 'The seat lies too flat{seen, select, indicator { by its indicator} both {: {angle}; the seat asks at most {limit}, and '
            . 'its indicator says so too} other {: {angle}; the seat asks at most {limit}}}.',
        'do' => 'Set it more upright: a flat seat gives no hold in a crash.',
    ],
    'measure.too_upright' => [
        'says' => 'The seat is too upright{seen, select, indicator { by its indicator} both {: {angle}; the seat asks at least {limit}, '
            . 'and its indicator says so too} other {: {angle}; the seat asks at least {limit}}}.',
    ],
    'measure.too_upright/own' => ['do' => 'A young head can drop and close the airway. Recline it by its own foot or setting.'],
    'measure.too_upright/wedge' => [
        'do' => 'A young head can drop and close the airway. Recline it, or lift it at the seat crease with a noodle or rolled towel.',
    ],
    'measure.wedge_not_allowed' => [
        'says' => 'A {wedge, select, noodle {noodle} other {towel}} is under the seat, and its maker does not allow it.',
        'do' => 'Take it out and set the recline by the seat\'s own means.',
    ],
    'measure.wedge_not_allowed/forward' => [
        'says' => 'A {wedge, select, noodle {noodle} other {towel}} is under a seat that faces forward.',
    ],
    'measure.wrong_spot' => [
        'says' => 'The movement was not tried at the belt path; elsewhere a seat is meant to move.',
        'do' => 'Try again where the belt goes through, with your weaker hand and a handshake\'s force.',
    ],
    'measure.zone' => [
        'says' => 'The indicator stands in the zone {zone}, which is not meant for this child: {breaks}.',
        'do' => 'Set the recline to the zone for this child.',
    ],
    'mode.back_off_early' => [
        'says' => 'The back of this booster still fits the child.',
        'do' => 'Put the back on again: it guides the belt and holds a sleeping head.',
    ],
    'mode.belt_only_early' => [
        'says' => 'The seat belt alone does not fit yet: {breaches}.',
        'do' => 'Use a booster until all five points hold.',
    ],
    'mode.booster_could_harness' => [
        'says' => 'The harness of this seat still fits the child.',
        'do' => 'A harness protects more than a booster: use it as long as it fits.',
    ],
    'mode.booster_early' => ['says' => 'Too early for a booster: {breaches}.'],
    'mode.booster_early/find' => ['do' => 'Find a seat with a harness that fits this child.'],
    'mode.booster_early/harness' => ['do' => 'Put the harness of this seat back: it still fits.'],
    'mode.forward_early' => [
        'says' => 'The child faces forward, though this seat still fits rear-facing.',
        'do' => 'Rear-facing protects head and neck best: keep to it as long as the seat allows.',
    ],
    'mode.front_row_under_13' => ['says' => 'A child of {age} sits in the front row; until {floor} the back row is the place.'],
    'mode.front_row_under_13/back' => ['do' => 'Move to a free place in the back.'],
    'mode.front_row_under_13/front' => ['do' => 'Move the vehicle seat all the way back, and look for a back place.'],
    'mode.front_row_under_13/rear' => ['do' => 'Look for a back place. Here it rides only where no active airbag is in front of it.'],
    'mode.law_booster' => ['says' => 'Not yet by law: {breaches}.', 'do' => 'Use a booster.'],
    'mode.law_rear' => ['says' => 'The child is {measured}; nobody faces forward before {floor} here.'],
    'mode.law_rear/find' => ['do' => 'Find a seat that carries this child rear-facing.'],
    'mode.law_rear/turn' => ['do' => 'Turn this seat rear-facing: it fits the child that way.'],
    'mode.limits_unknown' => [
        'says' => 'The maker\'s limits of this mode are not all known.',
        'do' => 'Read the greatest weight and height for this mode from the label or the manual.',
    ],
    'mode.not_offered' => ['says' => 'This seat is not made to be used as a {mode}.'],
    'mode.not_offered/find' => ['do' => 'Find another seat for this child.'],
    'mode.not_offered/use' => ['do' => 'Set it up as a {other}.'],
    'mode.outside_limits' => ['says' => '{breaches}.'],
    'mode.outside_limits/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'mode.outside_limits/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'mode.outside_limits/belt_only' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'mode.outside_limits/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'mode.outside_limits/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'mode.under_one_forward' => ['says' => 'The child is {measured}; nobody faces forward before {floor} here.'],
    'mode.under_one_forward/find' => ['do' => 'Find a seat that carries this child rear-facing.'],
    'mode.under_one_forward/turn' => ['do' => 'Turn this seat rear-facing: it fits the child that way.'],
    'place.airbag' => ['says' => 'A rear-facing seat stands in front of an active airbag.'],
    'place.airbag/look' => ['do' => 'It does not ride here. Look whether another place in this car can take it.'],
    'place.airbag/move' => ['do' => 'Move it to another place. Never rear-facing in front of an active airbag.'],
    'place.airbag/nowhere' => ['do' => 'There is no other place in this car that can take it: the child does not ride in it.'],
    'place.airbag_forward' => ['says' => 'The seat stands in front of an active airbag.'],
    'place.airbag_forward/back' => ['do' => 'Move the vehicle seat all the way back.'],
    'place.airbag_forward/move' => ['do' => 'Move it to a free place in the back.'],
    'place.back_not_upright' => [
        'says' => 'The vehicle seat back is reclined behind this seat.',
        'do' => 'Set the vehicle seat back upright.',
    ],
    'place.booster_lap_only' => [
        'says' => 'Only a lap belt is here; a booster needs lap and shoulder.',
        'do' => 'Choose a place with a lap-shoulder belt.',
    ],
    'place.front_contact' => [
        'says' => 'The seat is pressed hard against the vehicle seat ahead.',
        'do' => 'Move the seat ahead forward, or gain room by the handle or recline. A light touch is fine unless a manual says otherwise.',
    ],
    'place.gap_behind' => [
        'says' => 'The seat does not touch the vehicle seat back.',
        'do' => 'Close the gap: set the vehicle back, raise or take off the head restraint as the manuals allow.',
    ],
    'place.handle' => [
        'says' => 'The carrying handle is {handle}; for travel its maker allows: {allowed}.',
        'do' => 'Set the handle to an allowed position.',
    ],
    'place.head_restraint' => [
        'says' => 'The vehicle head restraint pushes the seat away from the seat back.',
        'do' => 'Raise it, or take it off where the vehicle\'s manual allows and put it back afterwards; else choose another place.',
    ],
    'place.no_belt' => ['do' => 'Choose another place.'],
    'place.no_belt/no_belt' => ['says' => 'There is no belt here for the child.'],
    'place.no_belt/nothing_holds' => ['says' => 'Nothing here can hold this seat: no lower anchors, and no way to lock this belt.'],
    'place.no_tether_anchor' => ['says' => 'This place has no tether anchor.'],
    'place.no_tether_anchor/move' => ['do' => 'Move to a place that has one.'],
    'place.no_tether_anchor/needed' => ['do' => 'The tether is needed: this seat does not ride here in this mode.'],
    'place.no_tether_anchor/without' => ['do' => 'The seat\'s maker allows it without. Stow the strap.'],
    'place.side_facing' => [
        'says' => 'The vehicle seat here does not face forward.',
        'do' => 'No child seat rides here. Choose another place.',
    ],
    'place.taken' => ['says' => 'Somebody or something else has this place.', 'do' => 'Choose another place, or clear this one.'],
    'place.taken/twice' => ['says' => 'Two children have this place.', 'do' => 'Move one of them.'],
    'place.too_wide' => [
        'says' => 'Side by side the seats are {seats} wide; {places} have {usable}.',
        'do' => 'Use narrower seats, or move one to another row.',
    ],
    'recall.affected' => [
        'says' => 'Recall {campaign} covers this seat ({has_date, select, yes {the list of {dated}} other {a list without a '
            . 'date}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => '{advice, select, stop_use {Do not use it until the maker has put it right} other {It may be used until the maker has '
            . 'put it right}}{has_cure, select, yes {: {cure}} other {}}.',
    ],
    'recall.list_stale' => [
        'says' => 'The recall list is of {dated}, {age} days old; more than {fresh} days is stale.',
        'do' => 'Load a fresh recall list, or ask the maker about this seat.',
    ],
    'recall.list_stale/none' => ['says' => 'There is no dated recall list to look in.'],
    'recall.possible' => [
        'says' => 'Recall {campaign} may cover this seat ({has_date, select, yes {the list of {dated}} other {a list without a '
            . 'date}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => 'Read the missing part of the label, or ask the maker with the serial number.',
    ],
    'register.missing' => [
        'says' => 'The seat is not registered with its maker, so no recall notice would reach the family.',
        'do' => 'Fill in the card that came with the seat, or register on line or by letter to the maker.',
    ],
    'secure.anchor_borrowed' => [
        'says' => 'Bars of two neighbouring places are borrowed, and not both manuals allow that.',
        'do' => 'Use the belt here, or move to a place with its own anchors.',
    ],
    'secure.anchor_not_there/hook' => [
        'says' => 'A hook holds on to something that is no lower anchor.',
        'do' => 'Hook on to the designated bars in the crease, or use the belt.',
    ],
    'secure.anchor_not_there/none' => [
        'says' => 'This place has no lower anchors of its own.',
        'do' => 'Use the belt, or a place that has them.',
    ],
    'secure.anchor_not_there/tether' => [
        'says' => 'The tether is hooked to something that is no tether anchor.',
        'do' => 'Find the anchor in the vehicle\'s manual: behind the seat back, on the shelf, floor, boot or roof.',
    ],
    'secure.anchor_overweight' => [
        'says' => 'The child weighs {weight}; the lower anchors carry a child of {inclusive, select, yes {at most} other {less than}} '
            . '{limit} with this seat.',
        'do' => 'Change to the vehicle belt.',
    ],
    'secure.anchor_overweight/elsewhere' => ['do' => 'Change to the vehicle belt, at a place where it can be locked.'],
    'secure.anchor_overweight/seat_alone' => [
        'says' => 'The child weighs {weight}; the seat alone is as heavy as the lower anchors may carry, and leaves nothing for a child.',
    ],
    'secure.baseless_not_allowed' => [
        'says' => 'The shell is belted without its base, which its maker does not allow.',
        'do' => 'Put the base in and click the shell on to it.',
    ],
    'secure.belt_guides' => ['says' => 'The belt lies outside the seat\'s guides.', 'do' => 'Lay the belt in the guides.'],
    'secure.belt_unlocked/anchors' => [
        'do' => 'This belt cannot be locked for this seat. Use the lower anchors, as far as they carry the child, or another place.',
    ],
    'secure.belt_unlocked/cannot' => [
        'says' => 'What is said to lock the belt cannot do it here: nothing fixes the length of the lap part.',
    ],
    'secure.belt_unlocked/lacks_retractor' => [
        'says' => 'The seat\'s own lock holds only together with a locked retractor, and this retractor cannot lock.',
    ],
    'secure.belt_unlocked/lock' => ['do' => 'Lock the belt by one of the ways that work at this place, then pull firmly to prove it.'],
    'secure.belt_unlocked/look' => ['do' => 'Look what belt, retractor and latch plate there are here, and lock it by a way that works.'],
    'secure.belt_unlocked/move' => ['do' => 'This belt cannot be locked for this seat. Choose another place.'],
    'secure.belt_unlocked/nothing' => ['says' => 'Nothing fixes the length of the lap part.'],
    'secure.belt_unlocked/place' => ['says' => 'Nothing can lock the belt here.', 'do' => 'Use the lower anchors, or another place.'],
    'secure.booster_anchor_not_allowed' => [
        'says' => 'The booster hangs on the lower anchors, which its maker does not allow.',
        'do' => 'Unhook it; the belt holds the child.',
    ],
    'secure.booster_not_parked' => ['says' => 'The empty booster is left unbuckled.', 'do' => 'Buckle it in when nobody sits on it.'],
    'secure.both' => [
        'says' => 'Belt and lower anchors hold the seat together, and not both makers allow that.',
        'do' => 'Keep one of them; both are equal when tight.',
    ],
    'secure.buckle_in_path' => [
        'says' => 'The buckle rides up into the belt path, so the belt cannot tighten.',
        'do' => 'Turn the stalk down if the vehicle allows, or use another place.',
    ],
    'secure.buckle_turns' => [
        'says' => 'The buckle stalk is turned {turns} times; three full turns are the most.',
        'do' => 'Turn it back, or use another place.',
    ],
    'secure.buckle_turns/forbidden' => ['says' => 'The buckle stalk is turned, and the vehicle forbids it.'],
    'secure.clip_far' => [
        'says' => 'The locking clip sits {distance} from the latch plate; {inclusive, select, yes {at most} other {less than}} {limit} '
            . 'holds.',
        'do' => 'Set it again, close to the plate.',
    ],
    'secure.clip_prongs' => [
        'says' => '{prongs, plural, =0 {None of the clip\'\'s four prongs are} =1 {Only one of the clip\'\'s four prongs is} =2 {Only two '
            . 'of the clip\'\'s four prongs are} =3 {Only three of the clip\'\'s four prongs are} other {# of the clip\'\'s four '
            . 'prongs are}} on the webbing.',
        'do' => 'Put both layers under all four prongs. A clip made for one layer goes on as its maker shows.',
    ],
    'secure.clip_with_lock' => ['says' => 'The retractor is left in locking mode with the locking clip on.'],
    'secure.clip_with_lock/always' => ['do' => 'Take the clip off: this retractor always locks and holds the belt by itself.'],
    'secure.clip_with_lock/switchable' => ['do' => 'Let the belt wind in all the way once, so that it runs free again.'],
    'secure.door_open' => ['says' => 'The clamp door or lever is not fully closed.', 'do' => 'Press it until it clicks.'],
    'secure.double_lock/forbidden' => [
        'says' => 'The seat\'s own lock and the retractor are both locked; its maker forbids both.',
        'do' => 'Let the retractor run free again.',
    ],
    'secure.double_lock/required' => [
        'says' => 'Only one of the two is locked; the seat\'s maker wants its own lock and the retractor.',
        'do' => 'Lock the other one too.',
    ],
    'secure.hook_upside_down/lower_anchors' => [
        'says' => 'An anchor hook is not the way up its maker shows.',
        'do' => 'Unhook it, turn it over and hook it on again.',
    ],
    'secure.hook_upside_down/tether' => [
        'says' => 'The tether hook is not the way up its maker shows.',
        'do' => 'Unhook it, turn it over and hook it on again.',
    ],
    'secure.inflatable_belt' => [
        'says' => 'The belt here is inflatable, and the seat\'s maker does not allow it.',
        'do' => 'Use the lower anchors or another place.',
    ],
    'secure.lockoff_wrong' => [
        'says' => 'The lock-off is closed on the wrong side.',
        'do' => 'Close it {side, select, buckle_side {on the buckle side} shoulder_side {on the shoulder side} other {on both sides}}, '
            . 'as its maker says.',
    ],
    'secure.nothing' => ['says' => 'Nothing holds the seat to the car.', 'do' => 'Fasten it with the belt or the lower anchors.'],
    'secure.shell_unlocked' => [
        'says' => 'The shell is not locked in.',
        'do' => 'Set or turn it again until it clicks and every indicator agrees.',
    ],
    'secure.strap_trapped' => [
        'says' => 'A strap of the seat is caught under the belt, the door or the cover.',
        'do' => 'Free the strap, then tighten again.',
    ],
    'secure.straps_not_stowed' => [
        'says' => 'Straps that this set-up does not use hang loose.',
        'do' => 'Stow them where the seat keeps them.',
    ],
    'secure.tail' => ['says' => 'The free end of an anchor strap lies loose in the seat.', 'do' => 'Roll it up and tuck it away.'],
    'secure.twist' => [
        'says' => 'The webbing is twisted, folded or knotted in the path.',
        'do' => 'Take it out, lay it flat and begin again.',
    ],
    'secure.webbing_path' => [
        'says' => 'The seat says which part of the belt goes through this path, and it is otherwise.',
        'do' => '{webbing, select, lap {Lead only the lap part through.} other {Lead lap and shoulder part through.}}',
    ],
    'secure.wrong_path' => [
        'says' => 'The webbing goes through the {path, select, rear {rear-facing} other {forward-facing}} path.',
        'do' => '{path, select, rear {Use the forward-facing path: it lies behind the child\'s back.} other {Use the rear-facing path: '
            . 'it lies under the child\'s legs.}}',
    ],
];
