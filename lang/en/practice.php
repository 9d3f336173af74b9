<?php

declare(strict_types=1);

/** Practice: what is wrong here? */

return [
    'fixed' => [
        'knotted_belt' => 'A long belt with a knot',
        'loose_wrap' => 'A loose, frayed wrap',
        'upright_loose' => 'Rear-facing, too upright and loose',
        'clip_high' => 'The clip high, and more',
        'slid_down' => 'A small child slid down',
        'clip_low' => 'The clip low, and more',
        'slouch_hidden' => 'Tight straps that hide something',
        'vest_backwards' => 'A vest and a coat',
        'no_crotch_strap' => 'A vest in a hurry',
        'wrong_path' => 'Through the seat',
        'cargo_loop' => 'A tether hooked on',
        'lap_on_belly' => 'A booster and its belt',
        'expired_recalled' => 'What the label says',
        'over_the_anchors' => 'Held by the anchors',
        'clip_and_retractor' => 'Two locks',
    ],
    'title' => 'Practice',
    'look' => [
        'label' => 'Read the label',
        'family' => 'Ask the family',
        'scale' => 'Weigh and measure',
        'manual' => 'Open the manual',
        'place' => 'Look at the place',
        'belt' => 'Follow the belt',
        'movement' => 'Try the movement',
        'recline' => 'Read angle and base',
        'tether' => 'Follow the tether',
        'front' => 'Look at the child',
        'pinch' => 'Pinch the straps',
        'bench' => 'Look at the bench',
        'vest' => 'Look at the vest',
    ],
];
