<?php

declare(strict_types=1);

/** What an event brings along. */

return [
    'title' => 'Kit',
    'left' => 'Kit left',
    'intro' => 'What checks take is taken off by itself: noodles, towels, locking clips, and seats that were given.',
    'nothing' => 'Nothing was counted yet.',
    'low' => 'low',
    'not_counted' => 'not counted',
    'columns' => ['thing' => 'Thing', 'left' => 'Left', 'taken' => 'Taken by checks', 'by_hand' => 'By hand', 'minimum' => 'At least'],
    'ways' => ['counted' => 'Counted', 'added' => 'Came', 'gone' => 'Went'],
    'count_of' => 'How many: {item}',
    'minimum_of' => 'At least: {item}',
    'keep_minima' => 'Keep the least numbers',
    'given' => 'Seats given',
    'none_given' => 'No seat was given.',
    'made' => '{known, select, yes {made {made}} other {make date not read}}',
    'items' => [
        'noodle' => 'Noodles',
        'towel' => 'Towels',
        'locking_clip' => 'Locking clips',
        'belt_peg' => 'Belt pegs',
        'infant-seat-on-base' => 'Infant seats',
        'convertible' => 'Convertible seats',
        'rotating' => 'Rotating seats',
        'combination' => 'Combination seats',
        'high-back-booster' => 'High-back boosters',
        'backless-booster' => 'Backless boosters',
        'vest' => 'Vests',
        'scale' => 'Scales',
        'tape' => 'Tape measures',
        'angle_gauge' => 'Angle gauges',
        'shears' => 'Shears',
        'forms' => 'Forms',
    ],
];
