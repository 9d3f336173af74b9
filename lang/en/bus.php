<?php

declare(strict_types=1);

/** The bus: its plans, its list before a trip. */

return [
    'why' => [
        'rear' => '{names} {n, plural, =1 {rides} other {ride}} rear-facing, as far forward as {n, plural, =1 {the seat fits} other {the '
            . 'seats fit}}',
        'front' => '{names}: in a restraint as far forward as there is a place at the window',
        'empty' => 'Row {row} {side, select, left {left} other {right}} stays empty: it has no belts and is behind the wrap that holds '
            . '{name}',
    ],
    'cut' => [
        'stops' => 'Riders of one stop together and the order of boarding were not compared in every way: there are too many',
        'places' => 'Not every way to place the restraints was compared: there are too many',
    ],
    'impossible' => [
        'stock' => 'Nothing in stock fits {names}',
        'keep' => 'It would work if nobody had to stay where they are',
        'count' => 'It would work with more of the systems in stock',
        'system' => 'It would work if no rider had to use a certain system',
        'belt' => 'It would work with lap and shoulder belts on the benches',
        'lower_anchors' => 'It would work with lower anchors on the benches',
        'space' => 'It would work with more room between the benches',
        'exit' => 'It would work if the rows of the emergency exits could be used, which they may not',
        'places' => 'It would work with more seats',
        'several' => 'Several things stand in the way at once: fewer riders, more systems or another bus',
    ],
    'title' => 'Bus',
    'subtitle' => 'A place on a school bus',
    'check' => [
        'title' => 'Check a bus seat',
        'intro' => 'The same order as in a car, with other places: which system, which way it faces, where on the bench, how it is fixed; '
            . 'then the child in it. Every trip is looked at anew.',
        'rider' => 'The rider',
        'bench' => 'The bench and the system',
        'seat' => 'Which one of the catalogue',
        'seat_hint' => 'If it is not there, leave this empty: it is entered from its label in the check.',
        'begin' => 'Begin the check',
        'begun' => 'The check has begun. Look at the bench first.',
    ],
    'plan' => [
        'title' => 'Seat a bus',
        'subtitle' => 'Who sits where, in what',
        'intro' => 'Restrained children go to the windows and as far forward as there is a place, out of the exit rows; nobody sits '
            . 'unbelted behind a wrap; those of one stop sit together, the first to board in the rear.',
        'no_layouts' => 'No bus has been entered yet.',
        'riders' => 'Who rides',
        'roster' => 'One rider a line',
        'roster_hint' => 'As CSV, with this header; name is enough for an adult. system is the sign of one in stock that must be used.',
        'bus' => 'The bus',
        'stock' => 'How many there are today',
        'proposal' => 'Proposal {n} of {of}',
        'back' => 'The one before',
        'next' => 'The next one',
        'seats' => 'Where each rides',
        'keep_hint' => 'Tick who stays where they are, and seat again: the others move around them.',
        'boarding' => 'They board in this order',
        'impossible' => 'Not everybody finds a place',
        'begin' => 'Not seated yet',
        'begin_hint' => 'Look through the riders and the stock, then let the plan be made.',
        'seat' => 'Seat them',
        'belts' => 'Buses up to 10,000 lb gross have belts everywhere ({seats}) and lower anchors in at least two places ({anchors}); '
            . 'larger ones need a belt only for the driver. From memory.',
        'count' => '{id}: enter how many there are as a number',
        'outgrows' => 'Outgrows it about {month}',
        'take' => 'Take this proposal',
        'by_hand' => 'By hand',
        'unseated' => 'No place yet: {names}.',
        'all_right' => 'Everybody may ride as they sit.',
        'move_hint' => 'Press somebody in the drawing, then the place; or drag them there. Who sat there changes places with them. Who '
            . 'was moved stays there when the others are seated.',
        'who' => 'Who',
        'where' => 'Where to',
        'move' => 'Move',
        'drop' => 'Begin again',
        'place' => 'Row {row} {side, select, left {left} other {right}}, {place, plural, =1 {at the window} other {place #}}',
    ],
    'roster' => [
        'header' => 'The first line names the columns: {columns}. name is needed',
        'line' => 'Line {line}: {problem}',
        'long' => 'The roster is longer than {most} characters; plan fewer riders at once',
        'wide' => 'Line {line} has more fields than the first line has columns; put a name that holds a comma in quotes',
    ],
    'fault' => [
        'needs' => '{who} needs a restraint, and nothing in stock fits',
        'unfit' => '{system} is not for {who}',
        'stock' => '{who}: there are not so many of {system}',
        'exit' => '{who}: row {row} is an exit row, no restraint may stand there',
        'depth' => '{who}: {system} is deeper than the room at row {row} {side, select, left {left} other {right}}',
        'fixing' => '{who}: nothing at row {row} {side, select, left {left} other {right}} fixes {system}',
        'aisle' => '{who}: a restraint may not cover the place at the aisle',
        'window' => '{who}: restraints start at the window; only a restraint may sit between',
        'shared' => '{who} and somebody else on one place',
        'beyond' => '{who}: row {row} {side, select, left {left} other {right}} has not so many places',
        'behind' => '{who} is unbelted behind a wrap',
        'foremost' => '{who} rides rear-facing and could sit further ahead: row {row} {side, select, left {left} other {right}}',
    ],
];
