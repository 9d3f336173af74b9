<?php

declare(strict_types=1);

/** How a belt can be locked: the ways, why one works or does not, and the two question trees. */

return [
    'ways' => ['lockoff' => 'Lock-off or clamp door', 'latch_plate' => 'Latch plate', 'retractor' => 'Retractor', 'clip' => 'Locking clip'],
    'because' => [
        'no_belt' => 'There is no belt here.',
        'own_none' => 'The seat has no lock-off and no clamp door.',
        'own_works' => 'The seat itself holds the belt.',
        'own_on_base' => 'It sits on the base, and the shell is belted without it.',
        'own_needs_retractor' => 'Its maker wants the retractor locked too, and this one cannot.',
        'own_forbids_retractor' => 'Its maker forbids it beside a locked retractor, and this one is always locked.',
        'own_unknown' => 'It is not known whether the seat has one, or what the belt here is.',
        'plate_works' => 'The latch plate holds the lap part.',
        'plate_sewn' => 'The latch plate is sewn on and cannot hold the lap part.',
        'plate_slides' => 'Nothing in this latch plate holds the lap part.',
        'plate_unknown' => 'The latch plate is not known: slide the webbing through it.',
        'retractor_works' => 'The retractor can lock the whole belt.',
        'retractor_tug' => 'This retractor stops only on a tug and locks nothing.',
        'retractor_none' => 'No retractor here can lock.',
        'retractor_unknown' => 'The retractor is not known: pull the belt slowly to the very end and let it back.',
        'clip_tips' => 'A locking clip can join lap and shoulder part, the retractor left free: for a seat that the locked retractor '
            . 'tips. Two people, last choice.',
        'clip_works' => 'A locking clip can join lap and shoulder part; two people, last choice.',
        'clip_not' => 'A locking clip is for a lap-shoulder belt with a sliding plate and a retractor that stays free, on a seat without '
            . 'a lock-off or clamp door.',
        'clip_unknown' => 'The belt, its plate or its retractor is not known, or whether the seat has a lock of its own.',
    ],
    'within' => [
        'retractor' => 'the retractor',
        'latch_plate' => 'the latch plate',
        'lockoff' => 'the lock-off',
        'clamp_door' => 'the clamp door',
        'clip' => 'the locking clip',
    ],
    'tree' => [
        'slow_pull' => [
            'question' => 'Pull the belt slowly to the very end and let it back. Does it ratchet and refuse to come out again?',
            'none' => 'There is nothing that winds it in',
        ],
        'short_pull' => ['question' => 'Does it refuse to come out again already after a short pull?'],
        'tug' => ['question' => 'Does it stop on a sharp tug only?', 'unsure' => 'No, or still unsure'],
        'slide' => ['question' => 'Is the latch plate stitched on to the webbing?'],
        'button' => ['question' => 'Has the latch plate a lever or a button?'],
        'grip' => [
            'question' => 'Buckle and pull the lap part up: does the plate grip?',
            'slides' => 'No, the webbing slides free',
            'unsure' => 'Still unsure',
        ],
    ],
];
