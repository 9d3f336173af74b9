<?php

declare(strict_types=1);

/** What is found at a check, by code and variant: its title and rule in the handbook, what it says, what to do next. */

return [
    'booster.belt_locked' => [
        'title' => 'The belt locked over a child',
        'when' => 'Retractor left locking over a child in a booster; it runs free unless a manual says otherwise.',
        'says' => 'The belt is locked over the child.',
        'do' => 'Let it run free, unless a manual says otherwise.',
    ],
    'booster.guides' => [
        'title' => 'The belt misses its guides',
        'when' => 'Lap part not under both arm rests; on the buckle side both parts go under; shoulder guide or positioning clip needed '
            . 'and not used.',
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
        'title' => 'The ears above the top',
        'when' => 'Ears above the top of the booster\'s back, the head restraint or the seat back.',
        'says' => 'The ears are above the top of the back, the head restraint or the seat back.',
        'do' => 'First raise the head part of a high back as far as the belt guide allows; else choose a place with a head restraint, or '
            . 'a booster with a higher back.',
    ],
    'booster.head_support' => [
        'title' => 'The head part of a booster',
        'when' => 'High-back: head part not raised so that its belt guide sits at or just above the shoulder (it sets the belt\'s path).',
        'says' => 'The head part is not raised so that its belt guide sits at or just above the shoulder.',
        'do' => 'Raise or lower the head part until the guide is at the shoulder.',
    ],
    'booster.lap' => [
        'title' => 'The lap part on the belly',
        'when' => 'Lap part on the belly or waist, not low over the thighs.',
        'says' => 'The lap part lies on the belly.',
        'do' => 'Bring it low over the thighs.',
    ],
    'booster.lap_only' => [
        'title' => 'A booster with a lap belt alone',
        'when' => 'Lap belt alone with a booster: never.',
        'says' => 'The child rides in a booster with a lap belt alone. Never.',
        'do' => 'Move to a place with a lap-shoulder belt.',
    ],
    'booster.shoulder' => [
        'title' => 'The shoulder part off mid-chest',
        'when' => 'Shoulder part touches the neck or slides off the shoulder, not across mid-chest.',
        'says' => '{shoulder, select, neck {The shoulder part touches the neck.} other {The shoulder part slides off the shoulder.}}',
        'do' => 'Lead it through the shoulder guide so that it crosses mid-chest.',
    ],
    'booster.slack' => [
        'title' => 'Loose on the chest',
        'when' => 'The shoulder part hangs loose on the chest.',
        'says' => 'The shoulder part hangs loose on the chest.',
        'do' => 'Draw the slack up through the lap part and the shoulder part, so that the belt lies snug and runs free.',
    ],
    'booster.slouch' => [
        'title' => 'Away from the back',
        'when' => 'Bottom or back away from the booster\'s or the vehicle\'s back.',
        'says' => 'Bottom or back are away from the back of the booster or of the vehicle seat.',
        'do' => 'Sit the child back, then lead the belt again.',
    ],
    'booster.under_arm' => [
        'title' => 'The belt under the arm',
        'when' => 'Shoulder part under the arm or behind the back.',
        'says' => 'The shoulder part is under the arm or behind the back.',
        'do' => 'Bring it over the shoulder and across mid-chest.',
    ],
    'child.specialist' => [
        'title' => 'A child for a specialist',
        'when' => 'Medical or positioning needs: refer to a technician trained for them.',
        'says' => 'The child has medical or positioning needs.',
        'do' => 'Refer the family to a technician trained for them.',
    ],
    'condition.altered' => [
        'title' => 'Repaired or altered at home',
        'when' => 'Home repair or alteration.',
        'says' => 'The seat was repaired or altered at home.',
        'do' => 'Do not use it.',
    ],
    'condition.damage' => [
        'title' => 'Something is damaged',
        'when' => 'Crack, deformation, frayed, cut or knotted webbing, buckle or adjuster that does not hold.',
        'says' => 'Damage: {damage}.',
        'do' => 'Do not use it. A part that does not hold cannot be mended here.',
    ],
    'condition.part_missing' => [
        'title' => 'An essential part is missing',
        'when' => 'An essential part is missing (fitted replacement from the maker clears it).',
        'says' => 'An essential part is missing: {part}.',
        'do' => 'Do not use it until the maker\'s own replacement is fitted.',
    ],
    'condition.part_missing_minor' => [
        'title' => 'A minor part is missing',
        'when' => 'A part that does not carry load is missing.',
        'says' => 'A part that carries no load is missing: {part}.',
        'do' => 'Ask the maker for a replacement.',
    ],
    'expiry.passed' => [
        'title' => 'Its life is over',
        'when' => 'Today is on or after the first day it may no longer be used.',
        'says' => 'This seat may not be used since {since}.',
        'do' => 'Do not use it. Cut the straps and mark the shell so that nobody else does.',
    ],
    'expiry.soon' => [
        'title' => 'Its life ends soon',
        'when' => 'That day is within {days} days.',
        'says' => 'From {from} this seat may no longer be used: {days, plural, one {one day} other {# days}} left.',
        'do' => 'Look for the next seat now and note the day.',
    ],
    'expiry.unknown' => [
        'title' => 'The end of its life is not known',
        'when' => 'Neither a stamped end nor a useful life with its make date is known (6 to 10 years is common, but never assumed).',
        'says' => 'It is not known until when this seat may be used. Six to ten years is common, but never assumed.',
        'do' => 'Look for a "do not use after" stamp in the shell, or for the useful life in the manual and the make date on the label.',
    ],
    'extras.insert_range' => [
        'title' => 'An insert outside its weights',
        'when' => 'The maker\'s insert is used outside its own weight window. An insert the seat does not know counts as an unapproved '
            . 'extra.',
        'says' => 'The insert {insert} is {side, select, more {only for more than} least {for at least} less {only for less than} other '
            . '{for at most}} {limit}; the child weighs {weight}.',
        'do' => 'Take the insert out and set the harness again.',
    ],
    'extras.unapproved' => [
        'title' => 'Something was added to it',
        'when' => 'Anything that neither came in the box nor is named by the seat\'s maker (an accessory that only says of itself that it '
            . 'fits is not): strap covers, head pads, mats under the seat, mirrors, toys, covers behind the child. One finding per item. '
            . 'A mat is slippery or compresses; a mirror or toy can strike a face when the seat rotates in a crash.',
        'says' => 'On the seat is something its maker neither supplied nor names: {extra}.',
        'do' => 'Take it off. A mat slips or gives way; a mirror or toy can strike a face when the seat turns in a crash.',
    ],
    'fit.head_forward' => [
        'title' => 'The ears above the shell',
        'when' => 'Forward-facing harness, tops of the ears above the shell or head rest.',
        'weighs' => 'Fix if another mode of this seat fits, else stop.',
        'says' => '{breaches}.',
    ],
    'fit.head_forward/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'fit.head_forward/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'fit.head_forward/no_seat' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'fit.head_forward/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'fit.head_forward/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'fit.head_rear' => [
        'title' => 'The head near the top, rear-facing',
        'when' => 'Rear-facing, less shell above the head than the seat\'s figure, else {clearance}.',
        'weighs' => 'Fix if another mode of this seat fits, else stop.',
        'says' => '{breaches}.',
    ],
    'fit.head_rear/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'fit.head_rear/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'fit.head_rear/no_seat' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'fit.head_rear/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'fit.head_rear/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'fit.shoulder_marker' => [
        'title' => 'The shoulder outside its markers',
        'when' => 'Seat has shoulder height markers and the shoulder is outside them.',
        'weighs' => 'Fix if another mode of this seat fits, else stop.',
        'says' => '{breaches}.',
    ],
    'fit.shoulder_marker/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'fit.shoulder_marker/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'fit.shoulder_marker/no_seat' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'fit.shoulder_marker/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'fit.shoulder_marker/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'handover.certification' => [
        'title' => 'A certification out of date',
        'when' => 'A signer\'s certification is out of date on the day.',
        'weighs' => 'Fix, or ask where its date is not known.',
        'says' => 'The {role, select, technician {technician\'\'s} other {checker\'\'s}} certification ended on {ended}.',
        'do' => 'Somebody with a certification in date must look and sign.',
    ],
    'handover.certification/unknown' => [
        'says' => 'It is not known until when the {role, select, technician {technician} other {checker}} is certified.',
        'do' => 'Enter the date on the card.',
    ],
    'handover.checker_same' => [
        'title' => 'One person signed twice',
        'when' => 'The policy asks for a second signer, and the checker is the technician.',
        'says' => 'Technician and second signer are the same person.',
        'do' => 'Ask somebody else to look and sign.',
    ],
    'handover.not_shown_back' => [
        'title' => 'Not shown back',
        'when' => 'The family has not done the last installation with its own hands and shown it back.',
        'says' => 'The family has not shown back that they can do it themselves.',
        'do' => 'Let them install it once with their own hands.',
    ],
    'handover.unsigned' => [
        'title' => 'A signature is missing',
        'when' => 'The policy asks for a second signer, and a signature is missing.',
        'says' => '{missing}',
        'do' => 'Ask for the signature that is missing; two people look and sign here.',
    ],
    'harness.clip' => [
        'title' => 'The chest clip',
        'when' => 'Chest clip not level with the armpits (high: neck; low: the body is not held, straps slip off round shoulders), or '
            . 'undone where the seat has one.',
        'says' => '{clip, select, high {The chest clip sits too high: it can press on the neck.} low {The chest clip sits too low: straps '
            . 'can slip off the shoulders.} other {The chest clip is undone.}}',
        'do' => 'Close the clip level with the armpits.',
    ],
    'harness.coat' => [
        'title' => 'A bulky coat',
        'when' => 'Bulky coat under the harness.',
        'says' => 'A bulky coat is under the harness.',
        'do' => 'Take the coat off and lay it over the harness.',
    ],
    'harness.crotch' => [
        'title' => 'The crotch strap',
        'when' => 'Crotch strap under the child, not the nearest allowed slot that is clear of the child, or a slot the mode forbids.',
        'says' => '{wrong}',
        'do' => 'Use the nearest slot that is clear of the child.',
    ],
    'harness.crotch/of_slots' => ['do' => 'Use the nearest slot that is clear of the child, of slots {allowed}.'],
    'harness.head_support' => [
        'title' => 'The head support',
        'when' => 'Head support not set just above the shoulders, or pushing the head forward.',
        'says' => 'The head support is not set just above the shoulders, or pushes the head forward.',
        'do' => 'Set the head support for this child.',
    ],
    'harness.height' => [
        'title' => 'Straps at the wrong height',
        'when' => 'Slot on the wrong side of the shoulder for the direction and the seat\'s convention, or a slot the mode forbids; say '
            . 'which slot is right.',
        'says' => 'The strap leaves the seat {where, select, below {below} by_below {{by} below} above {above} by_above {{by} above} '
            . 'other {at}} the shoulder; here it must be {must, select, at_or_below {at or below it} at_or_above {at or above it} other '
            . '{level with it or up to 25 mm above}}.',
    ],
    'harness.height/forbidden' => ['says' => 'This mode does not allow slot {slot}.'],
    'harness.height/measure' => ['do' => 'Measure shoulder and slots, then move the straps.'],
    'harness.height/move' => ['do' => 'Move the straps to slot {right}, counted from the lowest.'],
    'harness.height/no_slot' => ['do' => 'No slot of this seat is right for this shoulder in this mode: another mode or another seat.'],
    'harness.height/set' => ['do' => 'Set the straps to the right height.'],
    'harness.height_far' => [
        'title' => 'A nearer slot',
        'when' => 'Right side, but another allowed slot is nearer the shoulder.',
        'says' => 'Slot {slot} is on the right side of the shoulder, but slot {right} is nearer.',
        'do' => 'Move the straps to slot {right}.',
    ],
    'harness.hip_slack' => [
        'title' => 'Slack at the hips',
        'when' => 'Slack at the hips.',
        'says' => 'There is slack at the hips.',
        'do' => 'Draw it up from the hips first, then the adjuster.',
    ],
    'harness.not_buckled' => [
        'title' => 'Not buckled',
        'when' => 'Buckle or tongues not fastened.',
        'says' => 'The buckle is not fastened.',
        'do' => 'Click the tongues in one at a time.',
    ],
    'harness.padding' => [
        'title' => 'Padding that did not come with it',
        'when' => 'Anything behind or beneath the child that the maker did not supply.',
        'says' => 'Something that the maker did not supply lies behind or beneath the child.',
        'do' => 'Take it out. A rolled cloth beside the body is no padding unless the maker forbids it.',
    ],
    'harness.slack' => [
        'title' => 'Slack straps',
        'when' => 'Tightness test fails.',
        'says' => 'The straps are slack: the {test, select, pinch {pinch} finger {finger} other {tightness}} test fails.',
        'do' => 'Draw the slack up from the hips, then the adjuster, then the clip; then the test at the shoulder.',
    ],
    'harness.slouch' => [
        'title' => 'Away from the seat',
        'when' => 'Bottom or back away from the seat.',
        'says' => 'Bottom or back are away from the seat.',
        'do' => 'Sit the child back: bottom and back against the seat.',
    ],
    'harness.tail' => [
        'title' => 'The end of the strap',
        'when' => 'Free end of strap loose in or outside the seat.',
        'says' => 'The free end of the strap lies loose.',
        'do' => 'Tuck it away.',
    ],
    'harness.too_tight' => [
        'title' => 'Straps too tight',
        'when' => 'Straps press into the skin or bend the body.',
        'says' => 'The straps press into the skin or bend the body.',
        'do' => 'Ease them until they lie snug.',
    ],
    'harness.twist' => [
        'title' => 'A twisted strap',
        'when' => 'Strap twisted.',
        'says' => 'A harness strap is twisted.',
        'do' => 'Turn the strap flat.',
    ],
    'harness.wrong_test' => [
        'title' => 'The wrong test',
        'when' => 'The test done is not this seat\'s (one finger may pass where a pinch would not).',
        'says' => 'The {done, select, pinch {pinch} other {finger}} test was done; this seat is tried by the {test, select, pinch {pinch} '
            . 'other {finger}} test.',
        'do' => '{test, select, pinch {Try to pinch the webbing lengthwise at the shoulder: nothing may stay between the fingers.} other '
            . '{One finger goes between strap and child, two do not.}}',
    ],
    'history.crash' => [
        'title' => 'It was in a crash',
        'when' => 'In a crash, and the policy or practice is strict, or the maker says replace after any crash, or any of the five '
            . 'minor-crash points fails.',
        'do' => 'Do not use it. Ask the insurer about a new one, cut the straps and mark the shell.',
    ],
    'history.crash/event' => ['says' => 'The seat was in a crash, and this event replaces every seat that was.'],
    'history.crash/maker' => ['says' => 'The seat was in a crash, and its maker asks for a new one after any crash.'],
    'history.crash/not_minor' => ['says' => 'The crash was not minor: {failed}.'],
    'history.crash_unclear' => [
        'title' => 'A crash that is not fully known',
        'when' => 'A crash, and one of the five is unknown (and none fails).',
        'says' => 'The seat was in a crash, and not all five points of a minor one are known.',
        'do' => 'Ask the family, or treat it as a crash that was not minor.',
    ],
    'history.minor_crash' => [
        'title' => 'It was in a minor crash',
        'when' => 'Policy for minor crashes, maker silent, all five hold: car drove away; door nearest the seat undamaged; nobody in the '
            . 'car hurt; no airbag opened; no visible damage to the seat.',
        'says' => 'The seat was in a minor crash: all five points hold, and its maker does not ask for a new one.',
        'do' => 'It may be used. Tell the family why.',
    ],
    'history.unknown' => [
        'title' => 'Nobody knows its past',
        'when' => 'Second-hand and the past is not known by the giver.',
        'says' => 'The seat is second-hand and nobody knows its past.',
        'do' => 'Do not use it: a crash cannot be seen from outside.',
    ],
    'label.name_only' => [
        'title' => 'Only the trade name is known',
        'when' => 'Only a trade name is known; seats of nearly one name differ in rules and recalls: model number needed.',
        'says' => 'Only the trade name {name} is known. Seats of nearly one name differ in rules and recalls.',
        'do' => 'Read the model number from the label.',
    ],
    'label.standard' => [
        'title' => 'A standard that is not accepted here',
        'when' => 'Label claims none of the practice\'s accepted standards.',
        'says' => 'The label claims {claimed}, which is not accepted here.',
        'do' => 'Do not use this seat here; find one whose label claims {accepted}.',
    ],
    'label.standard/none' => ['says' => 'The label claims no standard at all.'],
    'label.unreadable' => [
        'title' => 'The label cannot be read',
        'when' => 'Maker, model or date cannot be read: it can be checked against nothing.',
        'says' => 'The label cannot be read: maker, model or date is missing, so the seat can be checked against nothing.',
        'do' => 'Look for a second label under the cover or base. Without one, do not use this seat.',
    ],
    'measure.at_limit' => [
        'title' => 'Just within the limit',
        'when' => 'At an inclusive limit or within {near} below it: less is better, many would do it again.',
        'says' => 'The seat moves {moved} {way, select, side {from side to side} front {front to back} other {up and down}}, just within '
            . 'the limit of {limit}.',
        'do' => 'Less is better: many would tighten it once more.',
    ],
    'measure.foot_position' => [
        'title' => 'The foot of the base',
        'when' => 'Base foot not in the position this mode needs.',
        'says' => 'The foot of the base is {foot}; this mode needs it {needed}.',
        'do' => 'Set the foot as this mode needs it.',
    ],
    'measure.loose' => [
        'title' => 'It moves too much',
        'when' => 'Movement beyond the limit in any direction.',
        'says' => 'The seat moves {moved} {way, select, side {from side to side} front {front to back} other {up and down}}; {inclusive, '
            . 'select, yes {no more than {limit} is allowed} other {it must be less than {limit}}}.',
        'do' => 'Tighten it with weight over the belt path, then try again.',
    ],
    'measure.loose/felt' => [
        'says' => 'By the feel of it the seat moves more than the limit{known, select, inclusive { of {limit}} below {, less than '
            . '{limit},} other {}} {way, select, side {from side to side} front {front to back} other {up and down}}.',
    ],
    'measure.not_level' => [
        'title' => 'Not known to stand level',
        'when' => 'Indicator, zone or angle read while the car is not known to be on level ground: none of them is judged.',
        'says' => 'The car is not known to stand on level ground, so neither indicator nor angle tells anything.',
        'do' => 'Roll the car to level ground, then read again.',
    ],
    'measure.overhang' => [
        'title' => 'It hangs over the edge',
        'when' => 'Base beyond the edge of the cushion by more than the seat allows; no figure → at least {share} on the cushion.',
        'says' => 'The base hangs {overhang} over the cushion\'s edge; the seat allows {inclusive, select, yes {at most} other {less '
            . 'than}} {limit}.',
        'do' => 'Move the seat back, choose a deeper place, or another seat.',
    ],
    'measure.overhang/share' => [
        'says' => '{none, select, yes {Nothing} other {Only {share}}} of the base stands on the cushion; {least} is the least.',
    ],
    'measure.part_forbidden' => [
        'title' => 'A part that is forbidden',
        'when' => 'A part is on that this mode forbids.',
        'says' => 'The {part} is on, and this mode forbids it.',
        'do' => 'Take the {part} off.',
    ],
    'measure.part_required' => [
        'title' => 'A part that is needed',
        'when' => 'A part that this mode requires is missing: support leg, rebound bar, cup holders.',
        'says' => 'This mode needs the {part}, and it is not on.',
        'do' => 'Fit the {part}.',
    ],
    'measure.recline_setting' => [
        'title' => 'The wrong recline setting',
        'when' => 'Recline setting not allowed for the mode or for this weight.',
        'says' => 'Recline setting {setting} is not for this mode and weight.',
    ],
    'measure.recline_setting/ask' => ['do' => 'Ask the seat\'s manual or maker before it rides.'],
    'measure.recline_setting/none' => ['says' => 'The maker gives no recline setting for a child of this weight in this mode.'],
    'measure.recline_setting/use' => ['do' => 'Use setting {right}.'],
    'measure.recline_setting/weigh' => ['do' => 'Weigh the child, then use the setting that the manual gives for that weight.'],
    'measure.side_pod' => [
        'title' => 'The side pods',
        'when' => 'Side pod not out on the door side (or both sides, as the maker says), or out where the maker says not.',
        'says' => 'The side pods are not out as the maker asks for this place.',
        'do' => '{wanted, select, door_side {Put out the one on the door side, and only that.} both {Put out both.} other {Fold both in: '
            . 'at this place none may be out.}}',
    ],
    'measure.tether_forbidden' => [
        'title' => 'A tether that is forbidden',
        'when' => 'Tether on in a mode whose maker forbids it.',
        'says' => 'The tether is on, and the seat\'s maker forbids it rear-facing.',
        'do' => 'Unhook the tether and stow it.',
    ],
    'measure.tether_masked' => [
        'title' => 'Tried with the tether tight',
        'when' => 'Tether in use and the movement tried only with it tight: loosen it, try again, then tighten it.',
        'says' => 'The movement was tried with the tether tight only; a tight tether can hide a loose seat.',
        'do' => 'Loosen the tether, try again at the belt path, then take it up again.',
    ],
    'measure.tether_overtight' => [
        'title' => 'The tether is too tight',
        'when' => 'Rear-facing: drawn so hard that the seat shifts or the adjuster passes the shell.',
        'says' => 'The tether is drawn so hard that the seat shifts.',
        'do' => 'Ease it until only the slack is out.',
    ],
    'measure.tether_route' => [
        'title' => 'The tether is led wrongly',
        'when' => 'Tether not routed round the head restraint as the vehicle shows.',
        'says' => 'The tether does not run round the head restraint as the vehicle shows.',
        'do' => 'Lead it as the vehicle\'s manual shows.',
    ],
    'measure.tether_slack' => [
        'title' => 'Slack in the tether',
        'when' => 'Slack left in the tether. Rear-facing it is judged with the child in: it is eased to load the child and taken up again '
            . 'each time.',
        'says' => 'There is slack in the tether.',
        'do' => 'Take all the slack out.',
    ],
    'measure.tether_slack/rear' => [
        'do' => 'Take the slack out with the child in; ease it to load the child and take it up again each time.',
    ],
    'measure.tether_twist' => [
        'title' => 'The tether is twisted',
        'when' => 'Tether twisted.',
        'says' => 'The tether strap is twisted.',
        'do' => 'Lay it flat.',
    ],
    'measure.tether_unused' => [
        'title' => 'The tether is not used',
        'when' => 'Seat, its standard or a forward harness calls for the tether, anchor there, not used.',
        'says' => 'The tether is called for, its anchor is there, and it is not used.',
        'do' => 'Hook the tether on and take the slack out.',
    ],
    'measure.too_flat' => [
        'title' => 'Too flat',
        'when' => 'Rear-facing: indicator says too flat, or the angle is above the seat\'s own range.',
        'says' => 'The seat lies too flat{seen, select, indicator { by its indicator} both {: {angle}; the seat asks at most {limit}, and '
            . 'its indicator says so too} other {: {angle}; the seat asks at most {limit}}}.',
        'do' => 'Set it more upright: a flat seat gives no hold in a crash.',
    ],
    'measure.too_upright' => [
        'title' => 'Too upright',
        'when' => 'Rear-facing: indicator says too upright, or the angle is below the seat\'s own range. Too upright lets a young head '
            . 'drop and close the airway. Where the seat says so, too upright is no fault for a child known to sit unaided.',
        'says' => 'The seat is too upright{seen, select, indicator { by its indicator} both {: {angle}; the seat asks at least {limit}, '
            . 'and its indicator says so too} other {: {angle}; the seat asks at least {limit}}}.',
    ],
    'measure.too_upright/own' => ['do' => 'A young head can drop and close the airway. Recline it by its own foot or setting.'],
    'measure.too_upright/wedge' => [
        'do' => 'A young head can drop and close the airway. Recline it, or lift it at the seat crease with a noodle or rolled towel.',
    ],
    'measure.wedge_not_allowed' => [
        'title' => 'Something under the seat',
        'when' => 'Noodle or towel under a rear-facing seat whose maker does not allow it, or under any forward-facing seat or booster.',
        'says' => 'A {wedge, select, noodle {noodle} other {towel}} is under the seat, and its maker does not allow it.',
        'do' => 'Take it out and set the recline by the seat\'s own means.',
    ],
    'measure.wedge_not_allowed/forward' => [
        'says' => 'A {wedge, select, noodle {noodle} other {towel}} is under a seat that faces forward.',
    ],
    'measure.wrong_spot' => [
        'title' => 'Tried at the wrong spot',
        'when' => 'Movement not tried at the belt path.',
        'says' => 'The movement was not tried at the belt path; elsewhere a seat is meant to move.',
        'do' => 'Try again where the belt goes through, with your weaker hand and a handshake\'s force.',
    ],
    'measure.zone' => [
        'title' => 'In the wrong zone',
        'when' => 'The indicator has zones and stands in one not meant for this child (age, weight, sitting).',
        'says' => 'The indicator stands in the zone {zone}, which is not meant for this child: {breaks}.',
        'do' => 'Set the recline to the zone for this child.',
    ],
    'mode.back_off_early' => [
        'title' => 'The back came off early',
        'when' => 'Backless though this seat\'s high back still fits.',
        'says' => 'The back of this booster still fits the child.',
        'do' => 'Put the back on again: it guides the belt and holds a sleeping head.',
    ],
    'mode.belt_only_early' => [
        'title' => 'Too early for the belt alone',
        'when' => 'No seat, and any of the five belt-fit points fails or stature is under {stature} (about 4 ft 9 in).',
        'says' => 'The seat belt alone does not fit yet: {breaches}.',
        'do' => 'Use a booster until all five points hold.',
    ],
    'mode.booster_could_harness' => [
        'title' => 'A harness would still fit',
        'when' => 'Booster above the floors while this seat\'s forward harness still fits.',
        'says' => 'The harness of this seat still fits the child.',
        'do' => 'A harness protects more than a booster: use it as long as it fits.',
    ],
    'mode.booster_early' => [
        'title' => 'Too early for a booster',
        'when' => 'Booster under the practice\'s age or weight floor, or the law\'s.',
        'weighs' => 'Fix; stop if no harness mode of this seat fits either.',
        'says' => 'Too early for a booster: {breaches}.',
    ],
    'mode.booster_early/find' => ['do' => 'Find a seat with a harness that fits this child.'],
    'mode.booster_early/harness' => ['do' => 'Put the harness of this seat back: it still fits.'],
    'mode.forward_early' => [
        'title' => 'Turned forward early',
        'when' => 'Forward-facing though the rear-facing harness of this seat still fits: rear-facing as long as possible.',
        'says' => 'The child faces forward, though this seat still fits rear-facing.',
        'do' => 'Rear-facing protects head and neck best: keep to it as long as the seat allows.',
    ],
    'mode.front_row_under_13' => [
        'title' => 'A child in the front row',
        'when' => 'Under {months} (or the law\'s higher age) in row 1.',
        'weighs' => 'Fix if a back place is free or the law says so, else advise.',
        'says' => 'A child of {age} sits in the front row; until {floor} the back row is the place.',
    ],
    'mode.front_row_under_13/back' => ['do' => 'Move to a free place in the back.'],
    'mode.front_row_under_13/front' => ['do' => 'Move the vehicle seat all the way back, and look for a back place.'],
    'mode.front_row_under_13/rear' => ['do' => 'Look for a back place. Here it rides only where no active airbag is in front of it.'],
    'mode.law_booster' => [
        'title' => 'By law still a booster',
        'when' => 'No seat, and younger than the law\'s booster age.',
        'says' => 'Not yet by law: {breaches}.',
        'do' => 'Use a booster.',
    ],
    'mode.law_rear' => [
        'title' => 'By law still rear-facing',
        'when' => 'Younger than the law\'s rear-facing age, or lighter than its weight, and not rear-facing.',
        'weighs' => 'Fix, or stop if the seat has no fitting rear-facing mode.',
        'says' => 'The child is {measured}; nobody faces forward before {floor} here.',
    ],
    'mode.law_rear/find' => ['do' => 'Find a seat that carries this child rear-facing.'],
    'mode.law_rear/turn' => ['do' => 'Turn this seat rear-facing: it fits the child that way.'],
    'mode.limits_unknown' => [
        'title' => 'The limits of its mode are not known',
        'when' => 'The mode in use lacks a maximum weight or height of its own; any mode that does is not known to fit.',
        'says' => 'The maker\'s limits of this mode are not all known.',
        'do' => 'Read the greatest weight and height for this mode from the label or the manual.',
    ],
    'mode.not_offered' => [
        'title' => 'The seat has no such mode',
        'when' => 'The seat has no such mode.',
        'weighs' => 'Fix if another mode of this seat fits, else stop.',
        'says' => 'This seat is not made to be used as a {mode}.',
    ],
    'mode.not_offered/find' => ['do' => 'Find another seat for this child.'],
    'mode.not_offered/use' => ['do' => 'Set it up as a {other}.'],
    'mode.outside_limits' => [
        'title' => 'Outside the limits of its mode',
        'when' => 'A limit of the mode in use is broken; one finding, naming each.',
        'weighs' => 'Fix if another mode of this seat fits, or this one held otherwise here; else stop.',
        'says' => '{breaches}.',
    ],
    'mode.outside_limits/anchors' => ['do' => 'Hold it by the lower anchors instead: so it fits.'],
    'mode.outside_limits/belt' => ['do' => 'Hold it by the vehicle belt instead: so it fits.'],
    'mode.outside_limits/no_seat' => ['do' => 'No way of riding of this seat is known to fit. The seat belt alone fits this child.'],
    'mode.outside_limits/find' => ['do' => 'This seat has no way of riding that is known to fit. Find another seat for this child.'],
    'mode.outside_limits/use' => ['do' => 'Use this seat as a {mode}, which fits.'],
    'mode.under_one_forward' => [
        'title' => 'Under one and facing forward',
        'when' => 'Under 12 months and not rear-facing.',
        'weighs' => 'Fix, or stop if the seat has no fitting rear-facing mode.',
        'says' => 'The child is {measured}; nobody faces forward before {floor} here.',
    ],
    'mode.under_one_forward/find' => ['do' => 'Find a seat that carries this child rear-facing.'],
    'mode.under_one_forward/turn' => ['do' => 'Turn this seat rear-facing: it fits the child that way.'],
    'place.airbag' => [
        'title' => 'Rear-facing before an airbag',
        'when' => 'Rear-facing in front of an active airbag.',
        'weighs' => 'Fix; stop if no place is free.',
        'says' => 'A rear-facing seat stands in front of an active airbag.',
    ],
    'place.airbag/look' => ['do' => 'It does not ride here. Look whether another place in this car can take it.'],
    'place.airbag/move' => ['do' => 'Move it to another place. Never rear-facing in front of an active airbag.'],
    'place.airbag/nowhere' => ['do' => 'There is no other place in this car that can take it: the child does not ride in it.'],
    'place.airbag_forward' => [
        'title' => 'A child seat before an airbag',
        'when' => 'Any other child seat in front of an active airbag.',
        'weighs' => 'Fix if a back place is free, else advise.',
        'says' => 'The seat stands in front of an active airbag.',
    ],
    'place.airbag_forward/back' => ['do' => 'Move the vehicle seat all the way back.'],
    'place.airbag_forward/move' => ['do' => 'Move it to a free place in the back.'],
    'place.back_not_upright' => [
        'title' => 'The vehicle seat back is reclined',
        'when' => 'Vehicle seat back reclined behind a forward-facing seat or booster.',
        'says' => 'The vehicle seat back is reclined behind this seat.',
        'do' => 'Set the vehicle seat back upright.',
    ],
    'place.booster_lap_only' => [
        'title' => 'A booster with a lap belt',
        'when' => 'Booster where only a lap belt exists.',
        'says' => 'Only a lap belt is here; a booster needs lap and shoulder.',
        'do' => 'Choose a place with a lap-shoulder belt.',
    ],
    'place.front_contact' => [
        'title' => 'Pressed against the seat ahead',
        'when' => 'A rear-facing seat is pressed hard against the seat ahead; a light touch or a small gap is fine unless a manual says '
            . 'otherwise.',
        'says' => 'The seat is pressed hard against the vehicle seat ahead.',
        'do' => 'Move the seat ahead forward, or gain room by the handle or recline. A light touch is fine unless a manual says otherwise.',
    ],
    'place.gap_behind' => [
        'title' => 'A gap behind the seat',
        'when' => 'Forward-facing seat does not touch the vehicle seat back.',
        'says' => 'The seat does not touch the vehicle seat back.',
        'do' => 'Close the gap: set the vehicle back, raise or take off the head restraint as the manuals allow.',
    ],
    'place.handle' => [
        'title' => 'The handle is not where it may be',
        'when' => 'Carrying handle in a position its maker does not allow for travel.',
        'says' => 'The carrying handle is {handle}; for travel its maker allows: {allowed}.',
        'do' => 'Set the handle to an allowed position.',
    ],
    'place.head_restraint' => [
        'title' => 'The head restraint pushes it away',
        'when' => 'Vehicle head restraint pushes the seat away from the seat back, whichever way it faces: raise or remove it where the '
            . 'vehicle allows, else another place.',
        'says' => 'The vehicle head restraint pushes the seat away from the seat back.',
        'do' => 'Raise it, or take it off where the vehicle\'s manual allows and put it back afterwards; else choose another place.',
    ],
    'place.no_belt' => [
        'title' => 'Nothing there can hold it',
        'when' => 'Nothing there can hold this seat: no lower anchors, and the finder knows no way to lock that belt.',
        'do' => 'Choose another place.',
    ],
    'place.no_belt/no_belt' => ['says' => 'There is no belt here for the child.'],
    'place.no_belt/nothing_holds' => ['says' => 'Nothing here can hold this seat: no lower anchors, and no way to lock this belt.'],
    'place.no_tether_anchor' => [
        'title' => 'No tether anchor there',
        'when' => 'A harness mode that needs or should have a tether, at a place without an anchor. Whether the seat demands it must be '
            . 'known.',
        'weighs' => 'Fix if a free place has one; else stop where the seat, the label\'s standard or the practice demands the tether; '
            . 'else advise, the strap stowed.',
        'says' => 'This place has no tether anchor.',
    ],
    'place.no_tether_anchor/move' => ['do' => 'Move to a place that has one.'],
    'place.no_tether_anchor/needed' => ['do' => 'The tether is needed: this seat does not ride here in this mode.'],
    'place.no_tether_anchor/without' => ['do' => 'The seat\'s maker allows it without. Stow the strap.'],
    'place.side_facing' => [
        'title' => 'A seat that faces sideways',
        'when' => 'Vehicle seat does not face forward.',
        'says' => 'The vehicle seat here does not face forward.',
        'do' => 'No child seat rides here. Choose another place.',
    ],
    'place.taken' => [
        'title' => 'The place is taken',
        'when' => 'Somebody or something else has that place.',
        'says' => 'Somebody or something else has this place.',
        'do' => 'Choose another place, or clear this one.',
    ],
    'place.taken/twice' => ['says' => 'Two children have this place.', 'do' => 'Move one of them.'],
    'place.too_wide' => [
        'title' => 'Seats side by side are too wide',
        'when' => 'Widths of seats side by side exceed the usable width (planner and car view only).',
        'says' => 'Side by side the seats are {seats} wide; {places} have {usable}.',
        'do' => 'Use narrower seats, or move one to another row.',
    ],
    'recall.affected' => [
        'title' => 'A recall covers it',
        'when' => 'A campaign matches and is not shown as remedied: stop when its advice is to stop use, advise when it may be used until '
            . 'remedied.',
        'weighs' => 'Stop or advise, as the campaign says.',
        'says' => 'Recall {campaign} covers this seat ({has_date, select, yes {the list of {dated}} other {a list without a '
            . 'date}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => '{advice, select, stop_use {Do not use it until the maker has put it right} other {It may be used until the maker has put '
            . 'it right}}{has_cure, select, yes {: {cure}} other {}}.',
    ],
    'recall.list_stale' => [
        'title' => 'The recall list is old',
        'when' => 'List date missing or more than {days} days before the check.',
        'says' => 'The recall list is of {dated}, {age} days old; more than {fresh} days is stale.',
        'do' => 'Load a fresh recall list, or ask the maker about this seat.',
    ],
    'recall.list_stale/none' => ['says' => 'There is no dated recall list to look in.'],
    'recall.possible' => [
        'title' => 'A recall may cover it',
        'when' => 'The campaign matches on what is known, and a missing date/model/serial would decide it.',
        'says' => 'Recall {campaign} may cover this seat ({has_date, select, yes {the list of {dated}} other {a list without a '
            . 'date}}){has_defect, select, yes {: {defect}} other {}}.',
        'do' => 'Read the missing part of the label, or ask the maker with the serial number.',
    ],
    'register.missing' => [
        'title' => 'Not registered with its maker',
        'when' => 'Seat not registered with its maker, so no notice would reach the family; card lost: on line or from the maker.',
        'says' => 'The seat is not registered with its maker, so no recall notice would reach the family.',
        'do' => 'Fill in the card that came with the seat, or register on line or by letter to the maker.',
    ],
    'secure.anchor_borrowed' => [
        'title' => 'Bars borrowed from two places',
        'when' => 'Bars of two neighbouring positions used without both manuals\' leave.',
        'says' => 'Bars of two neighbouring places are borrowed, and not both manuals allow that.',
        'do' => 'Use the belt here, or move to a place with its own anchors.',
    ],
    'secure.anchor_not_there' => [
        'title' => 'Hooked to what is no anchor',
        'when' => 'Hooked to something that is no designated anchor (cargo loop, seat frame), for lower anchors or tether; or the place '
            . 'has none.',
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
        'title' => 'Too heavy for the lower anchors',
        'when' => 'Lower anchors and child above the seat\'s printed figure, the vehicle\'s figure, or — no figure printed — the '
            . 'practice\'s combined limit less the seat\'s weight: change to the belt. Not for boosters.',
        'says' => 'The child weighs {weight}; the lower anchors carry a child of {inclusive, select, yes {at most} other {less than}} '
            . '{limit} with this seat.',
        'do' => 'Change to the vehicle belt.',
    ],
    'secure.anchor_overweight/elsewhere' => ['do' => 'Change to the vehicle belt, at a place where it can be locked.'],
    'secure.anchor_overweight/seat_alone' => [
        'says' => 'The child weighs {weight}; the seat alone is as heavy as the lower anchors may carry, and leaves nothing for a child.',
    ],
    'secure.baseless_not_allowed' => [
        'title' => 'Belted without its base',
        'when' => 'Infant shell belted without its base and the maker does not allow it.',
        'says' => 'The shell is belted without its base, which its maker does not allow.',
        'do' => 'Put the base in and click the shell on to it.',
    ],
    'secure.belt_guides' => [
        'title' => 'Outside the belt guides',
        'when' => 'Belt outside the seat\'s guides or moulded lines.',
        'says' => 'The belt lies outside the seat\'s guides.',
        'do' => 'Lay the belt in the guides.',
    ],
    'secure.belt_unlocked' => [
        'title' => 'The belt is not locked',
        'when' => 'Nothing fixes the length of the lap part; a claimed lock counts only if that place\'s retractor or latch plate, or the '
            . 'seat, can do it (an emergency-locking retractor locks nothing). Not for boosters.',
    ],
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
        'title' => 'A booster hung on the anchors',
        'when' => 'Booster on lower anchors though its maker does not allow it.',
        'says' => 'The booster hangs on the lower anchors, which its maker does not allow.',
        'do' => 'Unhook it; the belt holds the child.',
    ],
    'secure.booster_not_parked' => [
        'title' => 'An empty booster',
        'when' => 'Empty booster left unbuckled.',
        'says' => 'The empty booster is left unbuckled.',
        'do' => 'Buckle it in when nobody sits on it.',
    ],
    'secure.both' => [
        'title' => 'Belt and anchors together',
        'when' => 'Belt and lower anchors together, unless seat and vehicle both allow. Not for boosters, where the belt holds the child.',
        'says' => 'Belt and lower anchors hold the seat together, and not both makers allow that.',
        'do' => 'Keep one of them; both are equal when tight.',
    ],
    'secure.buckle_in_path' => [
        'title' => 'The buckle is in the belt path',
        'when' => 'Buckle hardware rides up into the belt path so the belt cannot tighten.',
        'says' => 'The buckle rides up into the belt path, so the belt cannot tighten.',
        'do' => 'Turn the stalk down if the vehicle allows, or use another place.',
    ],
    'secure.buckle_turns' => [
        'title' => 'The buckle stalk is turned too far',
        'when' => 'Buckle stalk turned more than {turns} full turns, or turned where the vehicle forbids it; leave unknown → ask.',
        'says' => 'The buckle stalk is turned {turns} times; three full turns are the most.',
        'do' => 'Turn it back, or use another place.',
    ],
    'secure.buckle_turns/forbidden' => ['says' => 'The buckle stalk is turned, and the vehicle forbids it.'],
    'secure.clip_far' => [
        'title' => 'The locking clip is too far',
        'when' => 'Locking clip further from the latch plate than the limit.',
        'says' => 'The locking clip sits {distance} from the latch plate; {inclusive, select, yes {at most} other {less than}} {limit} '
            . 'holds.',
        'do' => 'Set it again, close to the plate.',
    ],
    'secure.clip_prongs' => [
        'title' => 'Not all prongs hold the webbing',
        'when' => 'Not all four prongs of the locking clip on the webbing (a clip made for one layer: as its maker shows).',
        'says' => '{prongs, plural, =0 {None of the clip\'\'s four prongs are} =1 {Only one of the clip\'\'s four prongs is} =2 {Only two '
            . 'of the clip\'\'s four prongs are} =3 {Only three of the clip\'\'s four prongs are} other {# of the clip\'\'s four prongs '
            . 'are}} on the webbing.',
        'do' => 'Put both layers under all four prongs. A clip made for one layer goes on as its maker shows.',
    ],
    'secure.clip_with_lock' => [
        'title' => 'Locked with the clip on',
        'when' => 'Retractor left in locking mode with the clip on.',
        'says' => 'The retractor is left in locking mode with the locking clip on.',
    ],
    'secure.clip_with_lock/always' => ['do' => 'Take the clip off: this retractor always locks and holds the belt by itself.'],
    'secure.clip_with_lock/switchable' => ['do' => 'Let the belt wind in all the way once, so that it runs free again.'],
    'secure.door_open' => [
        'title' => 'The clamp door is open',
        'when' => 'Clamp door or lever not fully closed.',
        'says' => 'The clamp door or lever is not fully closed.',
        'do' => 'Press it until it clicks.',
    ],
    'secure.double_lock' => [
        'title' => 'Locks that do not go together',
        'when' => 'Lock-off or clamp door and retractor lock, where the seat\'s maker forbids both; or both are required and only one is '
            . 'on.',
    ],
    'secure.double_lock/forbidden' => [
        'says' => 'The seat\'s own lock and the retractor are both locked; its maker forbids both.',
        'do' => 'Let the retractor run free again.',
    ],
    'secure.double_lock/required' => [
        'says' => 'Only one of the two is locked; the seat\'s maker wants its own lock and the retractor.',
        'do' => 'Lock the other one too.',
    ],
    'secure.hook_upside_down' => [
        'title' => 'A hook the wrong way up',
        'when' => 'Hook not the way up its maker shows, lower anchors or tether.',
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
        'title' => 'An inflatable belt',
        'when' => 'Inflatable belt, and the seat\'s maker does not allow it.',
        'says' => 'The belt here is inflatable, and the seat\'s maker does not allow it.',
        'do' => 'Use the lower anchors or another place.',
    ],
    'secure.lockoff_wrong' => [
        'title' => 'The lock-off on the wrong side',
        'when' => 'The lock-off on the wrong side, or both, where the maker says which.',
        'says' => 'The lock-off is closed on the wrong side.',
        'do' => 'Close it {side, select, buckle_side {on the buckle side} shoulder_side {on the shoulder side} other {on both sides}}, as '
            . 'its maker says.',
    ],
    'secure.nothing' => [
        'title' => 'Nothing holds the seat',
        'when' => 'Not attached (a booster with a child belted needs nothing).',
        'says' => 'Nothing holds the seat to the car.',
        'do' => 'Fasten it with the belt or the lower anchors.',
    ],
    'secure.shell_unlocked' => [
        'title' => 'The shell is not locked in',
        'when' => 'A shell that lifts off a base or turns on it is not locked in (no click, indicator not set on both sides), the base in '
            . 'use.',
        'says' => 'The shell is not locked in.',
        'do' => 'Set or turn it again until it clicks and every indicator agrees.',
    ],
    'secure.strap_trapped' => [
        'title' => 'A strap is caught',
        'when' => 'Harness, crotch strap or adjuster caught under belt, door or cover.',
        'says' => 'A strap of the seat is caught under the belt, the door or the cover.',
        'do' => 'Free the strap, then tighten again.',
    ],
    'secure.straps_not_stowed' => [
        'title' => 'Straps that hang loose',
        'when' => 'Anchor straps, tether or harness that this set-up does not use are loose instead of stored.',
        'says' => 'Straps that this set-up does not use hang loose.',
        'do' => 'Stow them where the seat keeps them.',
    ],
    'secure.tail' => [
        'title' => 'The end of an anchor strap',
        'when' => 'Free end of an anchor strap loose in the seat.',
        'says' => 'The free end of an anchor strap lies loose in the seat.',
        'do' => 'Roll it up and tuck it away.',
    ],
    'secure.twist' => [
        'title' => 'Twisted webbing',
        'when' => 'Webbing twisted, folded or knotted in the path.',
        'says' => 'The webbing is twisted, folded or knotted in the path.',
        'do' => 'Take it out, lay it flat and begin again.',
    ],
    'secure.webbing_path' => [
        'title' => 'The wrong part of the belt',
        'when' => 'The seat says which webbing goes through (lap and shoulder, or lap only) and it is otherwise.',
        'says' => 'The seat says which part of the belt goes through this path, and it is otherwise.',
        'do' => '{webbing, select, lap {Lead only the lap part through.} other {Lead lap and shoulder part through.}}',
    ],
    'secure.wrong_path' => [
        'title' => 'Through the wrong belt path',
        'when' => 'Webbing in the other direction\'s belt path: rear-facing path lies under the child\'s legs, forward-facing path behind '
            . 'the back.',
        'says' => 'The webbing goes through the {path, select, rear {rear-facing} other {forward-facing}} path.',
        'do' => '{path, select, rear {Use the forward-facing path: it lies behind the child\'s back.} other {Use the rear-facing path: it '
            . 'lies under the child\'s legs.}}',
    ],
    'bus.unrestrained' => [
        'title' => 'Nothing keeps a young child',
        'when' => 'On a bus without a restraint: under {age}, or under {weight}.',
    ],
    'bus.unrestrained/age' => [
        'says' => 'At {age} nothing but the bench keeps this child; until {least} it rides in a restraint.',
        'do' => 'Put it in a restraint with a full harness.',
    ],
    'bus.unrestrained/weight' => [
        'says' => 'The child weighs {weight}, and nothing but the bench keeps it; under {least} it rides in a restraint.',
        'do' => 'Put it in a restraint with a full harness.',
    ],
    'bus.exit_row' => [
        'title' => 'In the row of an emergency exit',
        'when' => 'A restraint in the row of an emergency exit, on either side.',
        'says' => 'A restraint stands in the row of an emergency exit.',
        'do' => 'Move it to another row.',
    ],
    'bus.blocks_aisle' => [
        'title' => 'It blocks the way out',
        'when' => 'A restraint not at the window: on the aisle, or on a middle place without a restraint known to hold the window.',
    ],
    'bus.blocks_aisle/aisle' => [
        'says' => 'The restraint stands at the aisle, in the way of everybody who must get out.',
        'do' => 'Move it to the window.',
    ],
    'bus.blocks_aisle/middle' => [
        'says' => 'The restraint stands in the middle, and none is known to hold the window.',
        'do' => 'Move it to the window, or put it inside one that is there.',
    ],
    'bus.both' => [
        'title' => 'Belt and lower anchors together',
        'when' => 'On a bus by belt and lower anchors at once, whatever the makers allow.',
        'says' => 'Belt and lower anchors hold it at once.',
        'do' => 'Use one of them.',
    ],
    'bus.buckle_end_long' => [
        'title' => 'The buckle end is long',
        'when' => 'The buckle end of the bench’s belt shows more than {most} out of the crease.',
        'says' => 'The buckle end shows {shows} out of the crease; at most {most} leaves the seat’s path free.',
        'do' => 'Choose a bench where it is short, or another way to fix the seat.',
    ],
    'bus.belt_altered' => [
        'title' => 'A belt that was altered',
        'when' => 'A belt knotted, twisted to shorten it or sewn: it is replaced whole.',
        'says' => 'The belt of this bench is {how, select, knotted {knotted} sewn {sewn} other {twisted to shorten it}}: it may fail.',
        'do' => 'Do not use this belt. Have it replaced whole; choose another bench.',
    ],
    'bus.wrap_loose' => [
        'title' => 'The wrap is loose',
        'when' => 'The wrap makes no dent in the seat back.',
        'says' => 'The wrap makes no dent in the seat back: it is loose.',
        'do' => 'Kneel into the seat back and pull the wrap until it dents it.',
    ],
    'bus.wrap_frayed' => [
        'title' => 'The wrap is frayed or torn',
        'when' => 'A wrap frayed or torn.',
        'says' => 'The wrap is frayed or torn.',
        'do' => 'Do not use it. Take another one of the same maker.',
    ],
    'bus.behind_unrestrained' => [
        'title' => 'Someone unbelted behind a wrap',
        'when' => 'Anyone on the bench behind a wrap who is neither in a restraint nor belted.',
        'says' => 'Behind the wrap sits someone who is neither in a restraint nor belted, and would be thrown against it.',
        'do' => 'Keep that bench empty, or seat only riders in restraints or with a belt on there.',
    ],
    'bus.tether_used' => [
        'title' => 'A tether on a bus bench',
        'when' => 'A tether hooked to a bench of a bus.',
        'says' => 'A tether is hooked to the bench, which has no anchor for it.',
        'do' => 'Unhook it and stow it.',
    ],
    'bus.touches_front' => [
        'title' => 'It touches what is ahead',
        'when' => 'The seat touches the panel or bench ahead.',
        'says' => 'The seat touches the panel or bench ahead.',
        'do' => 'Move it to a bench with more room, or use a seat that is less deep.',
    ],
    'bus.overhang' => [
        'title' => 'Not wholly on the bench',
        'when' => 'The base not wholly on the bench, where its maker wants that.',
        'says' => 'Not all of the base stands on the bench; its maker wants that.',
        'do' => 'Move it to a deeper bench, or use another seat.',
    ],
    'bus.too_young_for_vest' => [
        'title' => 'Too young for a vest',
        'when' => 'A vest on a child of {weight} or less, of {age} or less, or who cannot sit unaided.',
    ],
    'bus.too_young_for_vest/weight' => [
        'says' => 'The child weighs {weight}; a vest is for children above {least}.',
        'do' => 'Use a rear-facing seat.',
    ],
    'bus.too_young_for_vest/age' => [
        'says' => 'The child is {age} old; a vest is for children above {least}.',
        'do' => 'Use a rear-facing seat.',
    ],
    'bus.too_young_for_vest/sitting' => [
        'says' => 'The child does not sit unaided; a vest does not hold it up.',
        'do' => 'Use a seat that supports it.',
    ],
    'bus.vest_size' => [
        'title' => 'Not its size',
        'when' => 'The vest is not the size nearest the child’s.',
        'says' => 'The vest is not the size nearest the child’s.',
        'do' => 'Take the size that fits best, measured at the chest over the clothes.',
    ],
    'bus.vest_backwards' => [
        'title' => 'The vest is on backwards',
        'when' => 'The closure is in front.',
        'says' => 'The vest is on backwards: its closure is in front.',
        'do' => 'Take it off and put it on with the closure behind.',
    ],
    'bus.vest_over_coat' => [
        'title' => 'A vest over a coat',
        'when' => 'A vest over a coat: it is put on before boarding, the coat on top, shoulder buckles free.',
        'says' => 'The vest is worn over a coat.',
        'do' => 'Put the vest on first, before boarding; the coat goes over it, the shoulder buckles free.',
    ],
    'bus.vest_no_crotch' => [
        'title' => 'The crotch strap of the vest is not used',
        'when' => 'The crotch strap unused: the child can slide out below.',
        'says' => 'The crotch strap is not used: the child can slide out below.',
        'do' => 'Fasten the crotch strap, snug.',
    ],
    'bus.vest_crotch_tight' => [
        'title' => 'The crotch strap of the vest is too tight',
        'when' => 'The crotch strap tighter than snug.',
        'says' => 'The crotch strap is tighter than snug.',
        'do' => 'Let it out until it just lies against the child.',
    ],
    'bus.vest_low_strap' => [
        'title' => 'The lowest strap lies on the belly',
        'when' => 'The lowest strap not low on the hips, or pulled to the belly by tight shoulders: the hips are tightened first.',
        'says' => 'The lowest strap lies on the belly.',
        'do' => 'Loosen the shoulders, tighten the hips first, then the shoulders.',
    ],
    'bus.vest_neck' => [
        'title' => 'A strap near the neck',
        'when' => 'A strap that runs across lies near the neck.',
        'says' => 'A strap that runs across lies near the neck.',
        'do' => 'Loosen the shoulders, bring the vest down and tighten the hips first.',
    ],
    'bus.vest_points' => ['title' => 'The vest is not fixed everywhere', 'when' => 'A vest not fixed at hips and shoulders.'],
    'bus.vest_points/hips' => [
        'says' => 'The vest is not fixed at the hips.',
        'do' => 'Fix both hips, then tighten them before the shoulders.',
    ],
    'bus.vest_points/shoulders' => [
        'says' => 'The vest is not fixed at the shoulders.',
        'do' => 'Fix both shoulders, the hips tightened first.',
    ],
    'bus.vest_points/both' => [
        'says' => 'The vest is fixed neither at the hips nor at the shoulders.',
        'do' => 'Fix both hips, tighten them, then both shoulders.',
    ],
    'bus.vest_top_from_below' => [
        'title' => 'Top straps from below the shoulder',
        'when' => 'The top straps of a vest come from below the shoulder.',
        'says' => 'The top straps come from below the shoulder and press it down.',
        'do' => 'Choose a bench with a higher back, or a wrap set higher.',
    ],
    'bus.vest_not_rethreaded' => [
        'title' => 'A loose end not threaded back',
        'when' => 'A loose end of the vest’s straps not threaded back.',
        'says' => 'A loose end is not threaded back: the strap can slip.',
        'do' => 'Thread the end back through its buckle.',
    ],
    'bus.slouch' => [
        'title' => 'Not against the bench',
        'when' => 'Back and bottom not against the bench or the seat.',
        'says' => 'Back or bottom is off the bench or the seat.',
        'do' => 'Set the child well back, then tighten again.',
    ],
    'secure.nothing/bench' => [
        'says' => 'Nothing fixes it to the bench.',
        'do' => 'Fix it with what this system is made for: belt, lower anchors or wrap.',
    ],
    'secure.anchor_not_there/bench' => [
        'says' => 'This bench has no lower anchors.',
        'do' => 'Choose a bench that has them, or use the belt.',
    ],
    'place.no_belt/bench' => ['says' => 'This bench has no belt.', 'do' => 'Choose a bench that has one.'],
    'booster.lap_only/bench' => [
        'says' => 'This bench has a lap belt only; a booster needs a shoulder belt.',
        'do' => 'Choose a bench with a lap and shoulder belt, or use another system.',
    ],
    'place.no_tether_anchor/bench' => [
        'says' => 'Its maker requires the tether, and a bus has no anchor for it.',
        'do' => 'This seat does not ride on a bus this way. Choose another system.',
    ],
];
