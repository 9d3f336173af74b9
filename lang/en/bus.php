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
];
