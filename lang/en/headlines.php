<?php

declare(strict_types=1);

/** A calculator's answer in one sentence. */

return [
    'extras' => ['may_stay' => 'It may stay, used as its maker says.', 'take_off' => 'Take it off.'],
    'expiry' => [
        'unknown' => 'It cannot be told yet: a stamp, or a make date and a useful life, is needed.',
        'until' => 'First day of no more use: {day}, in {left, plural, one {# day} other {# days}}.',
        'passed' => 'It may no longer be used since {day}.',
    ],
    'recall' => [
        'clear' => 'No campaign of this list covers it.',
        'possible' => 'A campaign may cover it.',
        'affected' => 'A campaign covers it.',
        'unknown' => 'It cannot be told: the day has no list with a date.',
    ],
    'locking' => [
        'works' => '{way}: this works.',
        'none' => 'Nothing locks this belt for this seat. Choose another place, or the lower anchors.',
    ],
    'unknown' => 'It cannot be told yet.',
    'anchors' => '{inclusive, select, yes {Up to} other {Under}} a child of {weight}, by {from}.',
    'wedge' => [
        'lifts' => '{stack, select, one_noodle {One noodle lifts} three_noodles {Three noodles, taped in a triangle, lift} other {A '
            . 'rolled towel lifts}} the crease by {lift} and {stack, select, three_noodles {gain} other {gains}} {gain}.',
        'forbidden' => 'Its maker forbids a noodle or towel: set the recline by the seat’s own foot or setting.',
        'unknown' => 'It cannot be told yet: its maker must be known to allow a wedge, and angle and base length must be measured.',
        'none' => 'No wedge is needed: at this angle the seat is not too upright.',
    ],
    'slot' => [
        'right' => 'Slot {slot}, counted from the lowest.',
        'none' => 'No slot is on the right side of the shoulder: outgrown, or too small.',
    ],
    'modes' => ['unknown' => 'No way of riding is known to fit yet.', 'best' => 'Best: {mode}.'],
    'belt_fit' => ['yes' => 'The belt alone fits this child.', 'no' => 'Not yet: a booster still.'],
    'room' => [
        'unknown' => 'Nothing to gain is known yet.',
        'together' => 'Together {room}{enough, select, yes {: enough} no {: not enough. Another place, or another seat} other {}}.',
    ],
    'flight' => [
        'yes' => 'It may be used on an aircraft.',
        'no' => 'It may not be used on an aircraft.',
        'unknown' => 'It cannot be told yet.',
    ],
];
