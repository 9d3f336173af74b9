<?php

declare(strict_types=1);

/** Steps of the installation card, by code and variant: what to do, and what one sees, hears or feels when it is done. */

return [
    'turn_lock' => [
        'step' => 'Turn the shell to where it rides and lock it there.',
        'check' => 'It clicks and cannot be turned by hand; its indicator says locked.',
    ],
    'close_covers' => [
        'step' => 'Close covers, guides and doors of the seat.',
        'check' => 'Nothing of the belt path stands open; the cover lies flat.',
    ],
    'stow' => [
        'step' => 'Store every strap that is not used where the seat keeps it.',
        'check' => 'Nothing hangs loose in the seat or beside it.',
    ],
    'click_shell' => ['step' => 'Set the shell on the base and press it down.', 'check' => 'It clicks and does not lift when pulled up.'],
    'indicators' => ['step' => 'Look at every indicator on base and shell.', 'check' => 'All of them say locked, on both sides.'],
    'side_pod/door_side' => ['step' => 'Put out the side pod on the door side, only that one.', 'check' => 'It clicks out and stays out.'],
    'side_pod/both' => ['step' => 'Put out both side pods.', 'check' => 'Both click out and stay out.'],
    'side_pod/none' => ['step' => 'Fold the side pods in: at this place none is out.', 'check' => 'Both lie flat against the shell.'],
    'hook_anchors' => [
        'step' => 'Hook both ends on to the lower anchors of this place.',
        'check' => 'Each clicks, the right way up as its maker shows, and holds when pulled.',
    ],
    'tighten_anchors' => [
        'step' => 'Pull the tail of the strap tight, a little at a time.',
        'check' => 'The strap gives nothing more; its tail is rolled up and tucked away.',
    ],
    'prove/anchors' => [
        'step' => 'Prove it: pull firmly on the strap at both hooks.',
        'check' => 'It gives nothing, and neither hook moves along its bar.',
    ],
    'store_belt' => [
        'step' => 'Store the vehicle belt as the vehicle\'s manual shows.',
        'check' => 'It is out of the child\'s reach and not in the way of the seat.',
    ],
    'booster_anchors' => ['step' => 'Hook the booster to the lower anchors.', 'check' => 'Each hook clicks and holds when pulled.'],
    'tighten_anchors/booster' => ['step' => 'Draw its straps tight.', 'check' => 'The booster stays in place when empty.'],
    'vehicle_back' => [
        'step' => 'Set the vehicle seat back upright.',
        'check' => 'It stands upright and clicks; nothing lies between it and the seat.',
    ],
    'front_seat' => [
        'step' => 'Move the vehicle seat ahead forward, as far as its rider allows.',
        'check' => 'The child seat has a gap to it or touches it lightly; it is not pressed.',
    ],
    'head_restraint/removed' => [
        'step' => 'Take the vehicle\'s head restraint off, as its manual allows, and keep it in the car.',
        'check' => 'Seat back touches seat back. It goes back on for whoever sits here next.',
    ],
    'head_restraint/raised' => [
        'step' => 'Raise the vehicle\'s head restraint.',
        'check' => 'It clicks and no longer pushes the child seat forward.',
    ],
    'head_restraint/pushes' => [
        'step' => 'Raise the vehicle\'s head restraint, or take it off where its manual allows.',
        'check' => 'It no longer pushes the child seat away from the seat back.',
    ],
    'place_base' => [
        'step' => 'Put the base on the cushion, the shell still off.',
        'check' => 'It stands flat, and enough of it rests on the cushion.',
    ],
    'weight' => [
        'step' => 'Put weight into the seat over the belt path: hand, knee, or hips from behind, as its maker allows and no more than it '
            . 'takes.',
        'check' => 'The seat sinks into the cushion and stays down.',
    ],
    'buckle' => ['step' => 'Buckle.', 'check' => 'It clicks and does not come apart when pulled.'],
    'slack' => ['step' => 'Take the slack out, the lap part first.', 'check' => 'The belt lies snug along its whole way.'],
    'retractor_end' => [
        'step' => 'Draw the shoulder belt out slowly to the very end.',
        'check' => 'It comes to a stop; nothing more comes out.',
    ],
    'retractor_feed' => [
        'step' => 'Let it back and feed the slack into the retractor.',
        'check' => 'You hear or feel the ratchet, which may be too quiet to hear; it does not come out again.',
    ],
    'tighten' => [
        'step' => 'Pull the shoulder belt tight from inside the seat, near the buckle; rock the seat side to side.',
        'check' => 'The webbing gives nothing more.',
    ],
    'close_door' => ['step' => 'Close the clamp door over the belt.', 'check' => 'It clicks on both sides and cannot be lifted.'],
    'child_in/harness' => [
        'step' => 'Sit the child in, bottom and back against the seat, coat off.',
        'check' => 'Nothing lies behind or beneath the child.',
    ],
    'tongues' => ['step' => 'Click the tongues in, one at a time.', 'check' => 'Each clicks and does not come out when pulled.'],
    'hips' => ['step' => 'Draw the slack up from the hips.', 'check' => 'The straps lie flat and snug over the hips.'],
    'harness_tighten' => [
        'step' => 'Pull the adjuster until the straps are snug at the shoulder.',
        'check' => 'The straps lie in a straight line and press into nothing.',
    ],
    'chest_clip' => ['step' => 'Close the chest clip and slide it up.', 'check' => 'It clicks, level with the armpits.'],
    'lap_guides' => [
        'step' => 'Lead the lap part under both arm rests; on the buckle side both parts go under.',
        'check' => 'The lap part lies low over the thighs.',
    ],
    'shoulder_guide' => [
        'step' => 'Lead the shoulder part through its guide.',
        'check' => 'It runs through freely, at or just above the shoulder.',
    ],
    'child_in/belt_only' => [
        'step' => 'Sit the child in, back against the vehicle seat.',
        'check' => 'The knees bend at the seat\'s edge, and the child can stay so for the whole ride.',
    ],
    'belt_check' => [
        'step' => 'Look at the belt over the child.',
        'check' => 'The lap part lies low on the thighs; the shoulder part crosses mid-chest and the shoulder, off the neck, snug.',
    ],
    'draw_little' => ['step' => 'Draw out only as much belt as it takes to buckle.', 'check' => 'No loops of belt lie in the seat.'],
    'plate_pull' => [
        'step' => 'Pull the lap part tight up through the latch plate, along the belt.',
        'check' => 'The plate grips: the webbing does not slip back when you let go.',
    ],
    'plate_switch' => [
        'step' => 'Set the switch on the latch plate to lock.',
        'check' => 'Its button or lever stands in the locked position.',
    ],
    'dead_zone' => [
        'step' => 'Draw the belt out in one pull, past the stretch where it runs free, and hold it.',
        'check' => 'It lets itself be drawn far enough to reach the buckle.',
    ],
    'retractor_take_up' => [
        'step' => 'Let the belt wind in by itself, feeding the slack to it.',
        'check' => 'It ratchets in and does not come out again.',
    ],
    'retractor_length' => [
        'step' => 'To find the length you may lock the retractor: belt out slowly to the very end, and back.',
        'check' => 'It ratchets; this lock comes off again later.',
    ],
    'pinch' => [
        'step' => 'Pinch lap and shoulder part together right at the latch plate and keep hold.',
        'check' => 'Neither part slips between your fingers.',
    ],
    'unbuckle' => ['step' => 'Unbuckle without letting go of the pinch.', 'check' => 'Both parts are still held at the same spot.'],
    'rebuckle' => [
        'step' => 'Buckle again while a second person pulls the buckle up from below; tip the seat away from the buckle, then straighten '
            . 'it.',
        'check' => 'It goes in hard and clicks; if it was easy, the clip is set too loose.',
    ],
    'head_rest/harness' => [
        'step' => 'Set the head rest for this child, just above the shoulders.',
        'check' => 'It clicks; the head is not pushed forward.',
    ],
    'head_rest/booster' => [
        'step' => 'Raise the head part until its belt guide is at or just above the shoulder.',
        'check' => 'It clicks; the ears are below its top.',
    ],
    'recline/indicator' => [
        'step' => 'Set the recline by the seat\'s own indicator for this child.',
        'check' => 'It stands where the indicator asks, the car on level ground.',
    ],
    'tether_hook' => [
        'step' => 'Hook the tether on{at, select, seat_back {, behind the vehicle seat back} shelf {, on the shelf behind the seat} floor '
            . '{, on the floor behind the seat} roof {, in the roof} boot {, in the boot} wall {, on the wall behind the seat} other {}}, '
            . 'led round the head restraint as the vehicle shows.',
        'check' => 'It is on a real tether anchor, the right way up, the strap flat.',
    ],
    'tether_tighten' => ['step' => 'Tighten the tether.', 'check' => 'No slack is left in the strap.'],
    'tether_tighten/rear' => [
        'step' => 'Take the slack out of the tether; do not draw the seat over.',
        'check' => 'No slack is left and the seat has not shifted.',
    ],
    'handle' => ['step' => 'Put the carrying handle in a position for travel: {handles}.', 'check' => 'It clicks on both sides.'],
    'movement' => [
        'step' => 'Try the movement at the belt path: weaker hand, a handshake\'s force.',
        'check' => 'It moves {known, select, inclusive {no more than {limit}} below {less than {limit}} other {no more than its maker '
            . 'allows}}, side to side and front to back.',
    ],
    'movement/tether' => ['step' => 'Try the movement at the belt path, the tether still loose: weaker hand, a handshake\'s force.'],
    'movement_again' => [
        'step' => 'Try the movement at the belt path again.',
        'check' => 'It moves {known, select, inclusive {no more than {limit}} below {less than {limit}} other {no more than its maker '
            . 'allows}}, side to side and front to back.',
    ],
    'level' => [
        'step' => 'Read the recline on level ground.',
        'check' => 'The indicator stands where it must, or the angle lies in the seat\'s own range.',
    ],
    'level/zones' => ['check' => 'The indicator stands in the zone for this child.'],
    'level_again' => [
        'step' => 'Read the recline again: a tether can draw the seat over.',
        'check' => 'The indicator stands where it must, or the angle lies in the seat\'s own range.',
    ],
    'level_again/zones' => ['check' => 'The indicator stands in the zone for this child.'],
    'anchor_straps_long' => [
        'step' => 'Make the anchor straps long and lead them through the {path, select, rear {rear-facing path, under the child\'\'s '
            . 'legs} other {forward-facing path, behind the child\'\'s back}}.',
        'check' => 'They lie flat, and both hooks reach the crease without pulling.',
    ],
    'wedge' => [
        'step' => 'Lay {stack} along the crease of the vehicle seat, under the edge of the base.',
        'check' => 'It lies straight along the whole width of the base and does not roll out.',
    ],
    'place_seat' => ['check' => 'It stands flat, and enough of the base rests on the cushion.'],
    'place_seat/rear' => ['step' => 'Put the seat on the cushion, facing the rear.'],
    'place_seat/backless' => ['step' => 'Put the booster on the cushion, against the vehicle seat back.'],
    'place_seat/forward' => ['step' => 'Put it on the cushion facing forward, back against back.'],
    'open_path' => [
        'step' => 'Open the {path, select, rear {rear-facing path, under the child\'\'s legs} other {forward-facing path, behind the '
            . 'child\'\'s back}}: covers and doors up, straps out of the way.',
        'check' => 'You can see from one end to the other; no strap of the seat lies in it.',
    ],
    'thread' => [
        'step' => 'Lead {webbing, select, lap_belt {the lap belt} lap {only the lap part} both {lap and shoulder part together} other '
            . '{the belt}} through the {path, select, rear {rear-facing path, under the child\'\'s legs} other {forward-facing path, '
            . 'behind the child\'\'s back}}.',
        'check' => 'It lies flat from end to end, without a twist, in the seat\'s guides.',
    ],
    'buckle_turns' => [
        'step' => 'Turn the buckle stalk down by {turns, select, 0_5 {half a turn} 1 {one full turn} 1_5 {one and a half turns} 2 {two '
            . 'full turns} 2_5 {two and a half turns} other {three full turns}}, counted aloud; three is the most.',
        'check' => 'The tongue still goes in straight and the buckle stays out of the belt path.',
    ],
    'prove' => [
        'step' => 'Prove the lock: pull firmly on the {lock, select, latch_plate {lap part} other {shoulder belt and on the lap part}}.',
        'check' => 'It gives nothing and does not get longer.',
    ],
    'close_lockoff' => [
        'step' => 'Close the lock-off over the belt{side, select, unsaid {} buckle_side {, on the buckle side} shoulder_side {, on the '
            . 'shoulder side} other {, on both sides}}.',
        'check' => 'It snaps shut and the webbing lies flat in it.',
    ],
    'clip_on' => [
        'step' => 'Put the clip on both parts, {known, select, yes {no further than {limit} from} other {as near as its manual says to}} '
            . 'the plate.',
        'check' => 'Both layers lie flat under all four prongs.',
    ],
    'retractor_free' => [
        'step' => 'Let the retractor wind in what is left.',
        'check' => 'The shoulder part comes out and goes back freely.',
    ],
    'retractor_free/switchable' => ['step' => 'Let the belt wind in all the way once, so that the retractor is free again.'],
    'strap_test/pinch' => [
        'step' => 'Try to pinch the strap together lengthwise at the shoulder.',
        'check' => 'Your fingers slide off; no webbing stays between them.',
    ],
    'strap_test/finger' => [
        'step' => 'Slide one finger flat between strap and child at the shoulder.',
        'check' => 'One finger goes in, two do not.',
    ],
    'child_in/booster' => [
        'step' => 'Sit the child in, bottom and back against the booster{back, select, yes {} other { and the vehicle seat}}.',
        'check' => 'The child can stay so for the whole ride.',
    ],
    'belt_child' => [
        'step' => 'Buckle the belt over the child and draw the slack up.',
        'check' => 'It clicks; the belt is not locked and runs free.',
    ],
    'belt_child/belt_only' => ['check' => 'It clicks.'],
    'parts' => [
        'step' => '{what, select, on {Fit the {on}} off {Take off the {off}} other {Fit the {on}; take off the {off}}}.',
        'check' => 'What is fitted sits firm and does not move when pulled.',
    ],
    'parts/off' => ['check' => 'None of it is left on the seat.'],
    'slots' => [
        'step' => 'Set the shoulder straps to slot {slot}, counted from the lowest.',
        'check' => 'Both straps come from the same height, lie flat and do not pull out from behind.',
    ],
    'slots/unknown' => ['step' => 'Set the shoulder straps to the slots that are right for this shoulder.'],
    'crotch' => [
        'step' => 'Set the crotch strap to slot {slot}, counted from the back.',
        'check' => 'It comes up in front of the child, who does not sit on it.',
    ],
    'crotch/nearest' => ['step' => 'Set the crotch strap to the nearest slot that is clear of the child: {slots}, counted from the back.'],
    'insert' => [
        'step' => 'For this weight the seat has an insert: {has}. Put it in as its manual shows.',
        'check' => 'It lies flat behind the straps and does not push the head forward.',
    ],
    'insert/open' => [
        'step' => 'Look in the manual whether the insert {insert} is for this child\'s weight; if not, take it out.',
        'check' => 'Only what the maker gives for this weight lies in the seat.',
    ],
    'insert/out' => [
        'step' => 'Take out the insert {insert}: it is not for this child.',
        'check' => 'Nothing is left under or behind the child.',
    ],
    'insert/instead' => [
        'step' => 'Take out the insert {insert}; for this weight the seat has: {has}.',
        'check' => 'Only what the maker gives for this weight lies in the seat.',
    ],
    'recline' => [
        'step' => 'Set the recline to {settings}, for a child of this weight.',
        'check' => 'It clicks into the setting and stays there.',
    ],
    'recline/weigh' => ['step' => 'Weigh the child, then set the recline that the manual gives for that weight.'],
    'recline/ask' => ['step' => 'Ask the seat\'s manual for the recline: none is given for this weight.'],
    'foot' => ['step' => 'Set the foot of the base: {foot}.', 'check' => 'It stands firm, on both sides alike.'],
    'notices' => [
        'nothing_locks' => 'Nothing is known to lock this belt for this seat: choose another way of holding it or another place.',
        'claimed' => 'What is said to lock the belt now does not hold here; these steps use what does.',
        'unlocked' => 'Nothing locks the belt now; these steps use what can.',
        'otherwise' => 'It is not held by the belt now; these steps show how the belt would hold it.',
    ],
];
