<?php

declare(strict_types=1);

/** Short help for busy hands. */

return [
    'tight' => [
        'title' => 'How to get it tight',
        'steps' => [
            'weight' => 'Weight into the seat over the belt path: hand, knee, or hips from behind, as the maker allows and not more than '
                . 'it takes.',
            'pull' => 'Pull the shoulder webbing from inside the seat, near the buckle; rock side to side and feed the slack back.',
            'peg' => 'Peg the belt to stop it running back; take the peg off at the end so that it winds in.',
            'cover' => 'Cover off on the buckle side, to see twists. Front seats forward, to make room.',
            'forward' => 'Push the seat back while you tighten the tether.',
            'tips' => 'When the seat will tip: noodle or towel at the crease before tightening, if its maker allows.',
            'recline' => 'Pulling up at the top can spoil the recline: look at the angle again. A little too flat: press down at the foot '
                . 'end.',
            'otherwise' => 'Still loose after three tries: the other way of holding it, then another place, then another seat.',
        ],
    ],
    'clip' => [
        'title' => 'How to put a locking clip on',
        'steps' => [
            'pinch' => 'Buckle, tighten, and pinch both parts together at the plate.',
            'prongs' => 'Unbuckle without letting go; put both layers under all four prongs, close to the plate.',
            'second' => 'A second person pulls the buckle up from below while you press the plate in: tip the seat away from the buckle, '
                . 'then straighten it.',
            'easy' => 'A clip that goes back in its buckle too easily was set too loose; one that moves is taken off and begun again.',
            'mode' => 'The locking mode may be used to find the length; it must be off once the clip is on.',
        ],
    ],
    'pinch' => [
        'title' => 'How to do the pinch test',
        'steps' => [
            'ready' => 'Bottom and back against the seat, coat off. Slack up from the hips first, then pull the adjuster.',
            'try' => 'At the shoulder, try to pinch the strap together lengthwise between thumb and finger.',
            'tight' => 'Tight: your fingers slide off, no webbing stays between them. Loose: a fold stays.',
            'other' => 'One finger under the strap is another test and may pass where the pinch does not.',
        ],
    ],
    'finger' => [
        'title' => 'How to do the finger test',
        'steps' => [
            'ready' => 'Bottom and back against the seat, coat off. Slack up from the hips first, then pull the adjuster.',
            'try' => 'At the shoulder, slide one finger flat between strap and child.',
            'tight' => 'Tight: one finger goes in, two do not. Loose: two go in.',
        ],
    ],
    'lock' => [
        'title' => 'How belts lock',
        'steps' => [
            'must' => 'Something must fix the length of the lap part, or the seat slides when the car stops hard.',
            'order' => 'In this order: a lock-off or clamp door on the seat, a latch plate that grips, a retractor that ratchets, a '
                . 'locking clip.',
            'first' => 'Buckle first, slack out, then lock: a locked belt gives no more webbing.',
            'prove' => 'Prove it with a firm pull: it must give nothing.',
        ],
    ],
    'move' => [
        'title' => 'How to try the movement',
        'steps' => [
            'spot' => 'At the belt path only: elsewhere a seat is meant to move.',
            'hand' => 'With your weaker hand and the force of a handshake, side to side and front to back.',
            'tether' => 'With the tether loose first: a tight tether can hide a loose seat. Tighten it, then try again.',
        ],
    ],
];
