<?php

declare(strict_types=1);

/** The calculators. */

return [
    'modes' => [
        'fits' => '{fits, select, yes {fits} no {does not fit} other {not known yet}}{told, select, yes {: {because}} other {}}',
        'title' => 'Which way of riding fits?',
        'line' => 'A child against a seat of the catalogue: what fits, and until when.',
    ],
    'recall' => [
        'list' => 'List of {day}, {age, plural, =0 {of today} one {# day old} other {# days old}}.',
        'no_list' => 'List of no known date.',
        'near' => 'Near names:',
        'title' => 'Is it recalled?',
        'line' => 'Maker, model, date and serial against the day’s list.',
    ],
    'open' => 'Still open: {what}.',
    'anchors' => [
        'together' => 'Child and seat together, less the seat’s own {weight}.',
        'above' => 'Above it the belt holds the seat, for as long as it is used: no switch-over to remember.',
        'title' => 'May the lower anchors hold it?',
        'line' => 'Printed figure, or child and seat together.',
    ],
    'belt-fit' => [
        'usually' => 'Usually at 145 cm (about 4 ft 9 in) and 8 to 12 years. All five looks must hold, in every car the child rides in.',
        'title' => 'Ready for the belt alone?',
        'line' => 'Five looks and the height.',
    ],
    'extras' => [
        'why' => 'Only what came in the box, or what the seat’s own maker names, was tried with this seat. What only says of itself that '
            . 'it fits was not. A mat is slippery or compresses; a mirror or toy can strike a face when the seat rotates in a crash.',
        'title' => 'May this stay on the seat?',
        'line' => 'Strap covers, head pads, mats, mirrors, toys.',
    ],
    'room' => [
        'touch' => 'A light touch or a small gap is fine unless a manual says otherwise; pressed hard is not.',
        'title' => 'Room to the seat ahead',
        'line' => 'What a handle, a more upright setting or no base gain.',
    ],
    'wedge' => [
        'stack' => 'Stack',
        'gains' => 'gains',
        'squeezed' => 'squeezed hard to lightly',
        'spread' => '{least} to {most}',
        'memory' => 'Two side by side are no higher than one. What a noodle keeps when squeezed is from memory: measure the angle again.',
        'title' => 'Which wedge under the seat?',
        'line' => 'Missing angle and base length, to noodles or towel.',
        'stacks' => ['one_noodle' => 'One noodle', 'three_noodles' => 'Three noodles, taped in a triangle'],
    ],
    'title' => 'Calculators',
    'subtitle' => 'One question, answered without a visit',
    'all' => 'All calculators',
    'answer' => 'Answer',
    'afresh' => 'Begin again',
    'empty' => 'Enter what you know; the answer stands here.',
    'make_check' => 'Make it a check',
    'first_name' => 'First name of the family',
    'begin' => 'Begin the check',
    'expiry' => ['title' => 'Until when may it be used?', 'line' => 'Make date, useful life or stamp, to the first day of no more use.'],
    'locking' => ['title' => 'How does this belt lock?', 'line' => 'Belt, retractor and latch plate, to every way that works, in order.'],
    'slot' => ['title' => 'Which harness slot?', 'line' => 'Shoulder and slots, to the right one.'],
    'flight' => ['title' => 'May it fly?', 'line' => 'What the label must say, and how it is fixed there.'],
];
