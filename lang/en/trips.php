<?php

declare(strict_types=1);

/** The list before a bus sets off, and the trips behind it. */

return [
    'title' => 'Before the trip',
    'heading' => '{bus}: before the trip',
    'history' => 'Trips',
    'intro' => 'Every trip is looked at anew: who looked, when, what was found and put right.',
    'every_bus' => 'Every bus',
    'none' => 'No trip has been looked at yet. Seat a bus, then begin its list.',
    'coming_back' => 'What comes back',
    'again' => '{where}: {what}, on {times, plural, other {# trips}}',
    'state' => '{signed, select, yes {Signed {initials} at {time}} other {{open, plural, =0 {Looked through, not signed} one {# line '
        . 'still to look at} other {# lines still to look at}}}}',
    'whole' => 'The bus as a whole',
    'bench' => 'Row {row} {side, select, left {left} other {right}}',
    'look' => [
        'way' => 'The aisle and the emergency exits are free, and nothing lies loose',
        'wrap' => 'The wrap dents the seat back and is not frayed',
        'behind' => '{empty, select, yes {Row {row} behind the wrap is empty} other {Whoever sits in row {row} behind the wrap is belted '
            . 'or in a restraint}}',
        'belt' => 'The belts are sound and flat, and their buckle ends are no longer than {end}',
        'restraint' => '{who}: the {system, select, rear_harness {rear-facing seat} forward_harness {forward-facing seat} integrated '
            . '{built-in seat} addon {add-on harness} vest {vest} booster {booster} other {system}} is {held, select, belt {held by the '
            . 'belt} lower_anchors {held by the lower anchors} wrap {fixed to the wrap at hips and shoulders} other {whole}} and does not '
            . 'come loose',
        'straps' => '{who}: back against the bench, {system, select, vest {vest the right way round and no coat under it, hips tightened '
            . 'before shoulders, crotch strap snug} booster {lap part low, shoulder part across mid-chest} other {coat off, straps at the '
            . 'right height, flat and snug}}',
    ],
    'signed' => 'Signed {initials} at {time}. The list stays as it is.',
    'whose' => 'Whose initials stand beside what is pressed?',
    'start' => 'Begin to look',
    'as' => 'as {initials}',
    'progress' => '{done} of {of} looked at',
    'sign' => 'Sign as {initials}: the bus may set off',
    'next' => 'The list for the next trip',
    'left_out' => 'What is left out is not used on this trip: whoever rode there needs another place or system before the bus sets off.',
    'every' => 'Belts, wraps, straps and the benches behind wraps are looked at before each trip and at every use. Common practice of the '
        . 'trade; the maker of a system may ask for more.',
    'right' => 'Right',
    'not_so' => 'Not so',
    'what' => 'What is wrong',
    'note' => 'In words',
    'put_right' => 'Put right',
    'leave_out' => '{way, select, yes {Not free} other {Not used this trip}}',
    'rest' => 'The {n} others here are right',
    'seen' => '{outcome, select, right {Right} put_right {{what}{noted, select, yes { ({note})} other {}}: put right} other '
        . '{{what}{noted, select, yes { ({note})} other {}}: not used}}, {initials} {time}',
    'begin' => 'Begin the list for a trip',
    'later' => 'Later trips',
    'earlier' => 'Earlier trips',
    'at' => '{day}, {time}',
    'look_again' => 'Look again',
];
