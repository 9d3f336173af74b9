<?php

declare(strict_types=1);

/** Why a plan of a car is as it is, and what stands in the way of every plan. */

return [
    'stays' => '{who} stays at {at}.',
    'moves' => '{who} moves to {at}.',
    'held' => [
        'belt' => '{who} at {at}: hold the seat with the belt.',
        'borrowed' => '{who} at {at}: both manuals allow the inner bars of the sides; measure that they stand {apart} apart, or as the '
            . 'seat\'s manual says.',
        'lower_anchors' => '{who} at {at}: hold the seat with the lower anchors.',
    ],
    'advised' => '{who} at {at}: {says} {do}',
    'unknown' => '{who} at {at}: look first, not everything is known: {facts}.',
    'middle' => '{who}, {whom, select, youngest {the youngest} other {the least protected}}, has the middle of the back, farthest from '
        . 'any side impact.',
    'kerb' => '{who}, {whom, select, youngest {the youngest} other {the least protected}}, sits at the kerb side.',
    'middle_free' => '{middle} stays free: with {who} there the seats side by side would be {seats} wide, and their places have {usable}.',
    'widths' => 'Not every width is known: try whether the seats stand side by side.',
    'obstacles' => [
        'mode' => 'No mode of the seat is known to fit {who}. Look at its limits, or choose another seat.',
        'riders' => 'There are {riders} riders and {places} free places. Clear a place, or take a second car.',
        'keep' => '{count, plural, one {{who} is} other {{who} are}} to stay in place. Let them move.',
        'wide' => 'Seats side by side are wider than their places. A narrower seat, or one of them in another row or car.',
        'rule' => '{who}: {says} {do}',
        'at' => '{who} at {at}',
    ],
];
