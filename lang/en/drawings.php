<?php

declare(strict_types=1);

/** What the drawings show, in words. */

return [
    'plan' => [
        'nowhere' => '{who} has no place yet.',
        'at' => '{who} is at {at}.',
        'unknown' => '{place}: nothing known yet.',
        'place' => '{place}: {signs}.',
    ],
    'car' => [
        'none' => 'The car has not been entered.',
        'place' => '{place}: {known, select, yes {{signs}} other {nothing known yet}}{here, select, yes {; the seat is here} other {}}.',
        'signs' => [
            'belt' => '{is, select, lap_shoulder {lap and shoulder belt} lap {lap belt only} other {no belt}}',
            'lower_anchors' => '{is, select, yes {lower anchors} other {no lower anchors}}',
            'tether_anchor' => '{is, select, yes {tether anchor} other {no tether anchor}}',
            'airbag' => 'airbag ahead',
            'side_facing' => 'faces sideways',
            'taken' => 'taken',
        ],
    ],
    'child' => [
        'shoulder' => '{known, select, yes {The shoulder is {shoulder} above the cushion.} other {The shoulder has not been measured.}}',
        'slot' => '{known, select, yes {The straps come from slot {slot}.} other {The slot in use is not known.}}',
        'right' => '{known, select, yes {Slot {slot} is right.} other {Which slot is right cannot be told yet.}}',
        'clip' => '{clip, select, unknown {The chest clip has not been looked at.} high {The chest clip is too high.} armpit {The chest '
            . 'clip is at the armpits.} low {The chest clip is too low.} other {The chest clip is undone.}}',
        'tight' => '{passes, select, yes {The straps are tight.} no {The straps are slack.} other {The tightness test has not been done.}}',
        'lap' => '{lap, select, thighs {The lap part lies on the thighs.} belly {The lap part lies on the belly.} other {The lap part has '
            . 'not been looked at.}}',
        'shoulder_part' => '{shoulder, select, neck {The shoulder part is at the neck.} mid_chest {The shoulder part crosses mid-chest.} '
            . 'off_shoulder {The shoulder part is off the shoulder.} other {The shoulder part has not been looked at.}}',
        'belt_only' => 'The child rides with the seat belt alone.',
        'unknown' => 'How the child rides is not known yet.',
    ],
    'side' => [
        'indicator' => '{indicator, select, in {The recline indicator stands in its zone.} too_upright {The recline indicator says too '
            . 'upright.} too_flat {The recline indicator says too flat.} other {The recline indicator has not been read.}}',
        'angle' => 'The back of the shell leans {angle} from the vertical.',
        'range' => 'The seat allows {min} to {max}.',
        'overhang' => '{known, select, yes {The base hangs {overhang} over the cushion\'\'s edge.} other {The overhang has not been '
            . 'measured.}}',
        'under' => '{wedge, select, noodle {A noodle lies under the seat.} towel {A towel lies under the seat.} other {Nothing lies under '
            . 'the seat.}}',
        'wedge' => 'To gain what is missing, lift the crease by {lift}: {stack} gives {gain}.',
        'tether' => '{used, select, yes {The tether is hooked on.} other {The tether is not used.}}',
    ],
    'route' => [
        'booster' => 'The vehicle belt holds the child; the booster itself needs nothing, or its anchors where the maker allows.',
        'none' => 'No seat is held here.',
        'held' => '{held, select, belt {The vehicle belt holds the seat.} lower_anchors {The lower anchors hold the seat.} both {Belt and '
            . 'lower anchors are both on.} nothing {Nothing holds the seat.} other {What holds the seat is not known yet.}}',
        'path' => '{path, select, rear {The webbing goes under the legs, the rear-facing path{right, select, yes {} other {: the wrong '
            . 'one for this direction}}.} forward {The webbing goes behind the back, the forward-facing path{right, select, yes {} other '
            . '{: the wrong one for this direction}}.} other {Which path the webbing goes through is not known yet.}}',
        'fixed' => '{fixed, select, yes {Its length is fixed by: {locks}.} no {Nothing fixes its length.} other {Whether its length is '
            . 'fixed cannot be told yet.}}',
        'twisted' => 'The webbing is twisted.',
    ],
    'label' => [
        'made' => '{date, select, whole {Made {made}.} part {Made {made}; the rest of the date is not on the label.} other {When it was '
            . 'made is not known.}}',
        'today' => 'Today is {today}.',
        'expires' => '{known, select, yes {First day of no more use: {expires}.} other {Until when it may be used is not known.}}',
        'recall' => 'Recall {campaign}: {covers, select, remedied {shown as put right on this seat} covers {covers this seat} may {may '
            . 'cover this seat} other {names such a seat, but not one made then}}.',
    ],
    'parts' => [
        'names' => [
            'shell' => 'Shell',
            'harness' => 'Harness',
            'buckle' => 'Buckle',
            'adjuster' => 'Adjuster',
            'tether' => 'Tether',
            'base' => 'Base',
            'label' => 'Label',
        ],
        'part' => '{part}: {state, select, damaged {damaged} missing {missing} missing_minor {missing, carries no load} whole {whole} '
            . 'other {not looked at yet}}.',
        'extra' => '{name}, {approved, select, yes {approved by the maker} no {not from the maker} other {not known whether approved}}',
        'also' => 'Also: {other}.',
        'added' => '{added, select, unknown {Whether anything was added is not known yet.} nothing {Nothing was added.} other {Added: '
            . '{extras}.}}',
    ],
    'movement' => [
        'limit' => 'Limit: {inclusive, select, yes {no more than} other {less than}} {limit}.',
        'try' => '{way}, try {number}: {moved}, {within, select, yes {within the limit} other {too much}}.',
        'felt' => '{way}, try {number}: felt, {felt, select, still {still} within {within the limit} other {more than the limit}}.',
    ],
    'plane' => [
        'child' => '{known, select, yes {The child weighs {weight} and is {height} tall.} other {The child has not been weighed and '
            . 'measured.}}',
        'mode' => '{mode}: {fits, select, until {fits, by estimate until {until}} yes {fits} no {does not fit} other {cannot be told '
            . 'yet}}.',
    ],
    'labels' => [
        'path' => ['rear' => 'rear-facing path', 'forward' => 'forward-facing path'],
        'slot' => '{number}{right, select, yes { right} other {}}{allowed, select, yes {} other { not here}}',
        'shoulder' => 'shoulder?',
        'rider' => '{ghost, select, yes {Proposed: } other {}}Child {rider} at {place}',
        'field' => '{known, select, yes {{mode}, to {leaves}} other {{mode}}}',
        'nothing' => 'nothing',
        'not_looked' => 'not looked at yet',
        'side' => 'The seat from the side, to scale',
        'over_edge' => 'over the edge',
        'in_words' => 'The same in words',
        'route' => 'What holds the seat, from the front of the car',
        'faces_rear' => 'faces the rear',
        'retractor' => 'retractor',
        'latch_plate' => 'latch plate',
        'front' => 'The child from the front',
        'above' => 'The car from above, its front at the top',
        'taken' => 'taken',
        'plan' => 'The car from above with everybody in it, its front at the top',
        'ruler' => 'A ruler of time',
        'made' => 'made',
        'no_more_use' => 'no more use',
        'today' => 'today',
        'plane' => 'Weight and height against the seat’s ways of riding',
        'estimate' => 'The path ahead is an estimate from growth charts and starts at what was measured.',
        'gauge' => 'Movement at the belt path, every try against the limit',
        'the_limit' => '{limit}, the limit',
        'parts' => 'The seat taken apart',
        'beside' => 'beside it',
        'allowed' => 'allowed',
    ],
    'bench' => [
        'title' => 'The bench from the side, front to the left',
        'seen' => '{fact}: {answer}',
        'not_looked' => 'not looked at yet',
        'limit' => '{most}',
        'vest_front' => 'front',
        'vest_back' => 'back',
        'behind' => ['empty' => 'empty', 'restrained' => 'restrained', 'belted' => 'belted', 'unrestrained' => 'loose'],
    ],
    'bus' => [
        'title' => 'The bus from above, front to the left',
        'driver' => 'driver',
        'exit' => 'exit',
        'empty' => 'empty',
        'at' => '{who}: row {row} {side, select, left {left} other {right}}, {place, plural, =1 {at the window} other {place #}}{system, '
            . 'select, none {} other {, {system}}}{held, select, belt { by the belt} lower_anchors { by lower anchors} wrap { under a '
            . 'wrap} bench { built in} other {, without a belt}}',
        'system' => [
            'rear_harness' => 'rear',
            'forward_harness' => 'front',
            'integrated' => 'built in',
            'addon' => 'add-on',
            'vest' => 'vest',
            'booster' => 'booster',
        ],
    ],
    'capacity' => [
        'title' => 'Mean wait by the number of technicians',
        'bearable' => 'ten minutes',
        'technicians' => 'technicians',
        'minutes' => 'minutes of waiting',
        'point' => '{technicians, plural, one {One technician} other {# technicians}}: {minutes, plural, =0 {hardly any wait} one {one '
            . 'minute} other {# minutes}}.',
    ],
    'lot' => [
        'title' => 'The lot from above',
        'free' => 'Bay {bay} is free.',
        'car' => 'Bay {bay}: {car}, for {minutes, plural, one {one minute} other {# minutes}}{known, select, yes {, {technician}} other '
            . '{}}.',
        'seat' => '{car}, child {letter}: {verdict}',
    ],
];
