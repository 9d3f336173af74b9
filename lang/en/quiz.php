<?php

declare(strict_types=1);

/** Practice in other forms: slips of the tongue, belts, sums, the order of steps. */

return [
    'slip' => [
        'title' => 'Spot the slip',
        'asked' => 'Three of these are right. Which one is said now and then, and is wrong?',
        'right' => [
            'forward_straps' => 'Forward-facing, the straps leave the seat at or above the shoulder, unless its maker says otherwise.',
            'rear_straps' => 'Rear-facing with FMVSS 213 on the label, the straps leave the seat at or below the shoulder.',
            'clip' => 'The chest clip closes level with the armpits.',
            'belt_over_booster' => 'Over a child in a booster the belt runs free.',
            'lap_part' => 'The lap part lies low over the thighs.',
            'head_part' => 'The head part of a booster is raised until its belt guide stands at or just above the shoulder.',
            'movement' => 'Movement is tried at the belt path, side to side and front to back.',
            'both_hold' => 'Belt and lower anchors hold together only where both makers allow it.',
            'locking_clip' => 'A locking clip is the last choice, close to a sliding latch plate.',
            'recline' => 'Rear-facing, the seat’s own indicator says how far it reclines.',
            'expiry' => 'How long a seat may be used stands on its label or in its manual.',
            'extras' => 'Only what came in the box, or what the seat’s own maker names, stays on it.',
            'coat' => 'The coat comes off before the straps are tightened.',
            'under_arm' => 'The shoulder part crosses the middle of the chest.',
            'vest_order' => 'On a vest the hips are tightened before the shoulders.',
        ],
        'wrong' => [
            'forward_straps' => 'Forward-facing, the straps leave the seat at or below the shoulder.',
            'rear_straps' => 'Rear-facing with FMVSS 213 on the label, the straps leave the seat well above the shoulder.',
            'clip' => 'The chest clip closes level with the nipples.',
            'belt_over_booster' => 'Over a child in a booster the belt is pulled out and locked.',
            'lap_part' => 'The lap part lies across the waist.',
            'head_part' => 'The head part of a booster is raised to the chin.',
            'movement' => 'Movement is tried at the top of the seat, side to side.',
            'both_hold' => 'Belt and lower anchors together hold better, so use both where they are.',
            'locking_clip' => 'A locking clip goes on beside a locked retractor, to be sure.',
            'recline' => 'Rear-facing, every seat reclines to 45 degrees.',
            'expiry' => 'Every seat may be used for ten years.',
            'extras' => 'What was bought for car seats may stay on every seat.',
            'coat' => 'Over a thick coat the straps are pulled one finger tighter.',
            'under_arm' => 'If the shoulder part rubs the neck, it goes under the arm.',
            'vest_order' => 'On a vest the shoulders are tightened first, so that it sits high.',
        ],
    ],
    'belt' => [
        'title' => 'Which belt have I got?',
        'retractor' => [
            'asked' => 'Which retractor is it? Press what you want to try.',
            'act' => [
                'slow_pull' => 'Pull slowly to the very end and let it back',
                'short_pull' => 'Pull out a short piece and let it back',
                'tug' => 'Tug sharply',
            ],
            'seen' => [
                'ratchets' => 'It ratchets on the way back and refuses to come out again.',
                'free' => 'It comes out again freely.',
                'refuses' => 'It refuses to come out again.',
                'stops' => 'It stops.',
                'not_wound' => 'Nothing winds it in.',
                'slides_out' => 'It goes on sliding.',
            ],
            'is' => [
                'switchable' => 'A switchable one',
                'alr' => 'One that always locks',
                'elr' => 'One that stops only on a tug',
                'none' => 'There is none',
            ],
            'because' => [
                'switchable' => 'It locks once it has been pulled out all the way; after a short pull it is still free.',
                'alr' => 'It locks already after a short pull.',
                'elr' => 'It comes out freely even after the slow pull: it locks nothing and stops only on a tug.',
                'none' => 'What nothing winds in has no retractor.',
            ],
        ],
        'plate' => [
            'asked' => 'Which latch plate is it? Press what you want to try.',
            'act' => [
                'look' => 'Look where the webbing meets it',
                'lever' => 'Look for a lever or button',
                'lap_up' => 'Buckle and pull the lap part up',
            ],
            'seen' => [
                'stitched' => 'It is stitched on.',
                'runs' => 'The webbing runs through it.',
                'none' => 'There is none.',
                'there' => 'There is one.',
                'fixed' => 'It cannot slide.',
                'by_lever' => 'It grips or slides, by how the lever stands.',
                'grips' => 'It grips.',
                'slides' => 'The webbing slides free.',
            ],
            'is' => ['sliding' => 'A sliding one', 'locking' => 'A locking one', 'switch' => 'A switched one', 'sewn' => 'A sewn one'],
            'because' => [
                'sliding' => 'The webbing slides both ways: it holds nothing.',
                'locking' => 'It grips the lap part by itself.',
                'switch' => 'A lever or button turns its grip on.',
                'sewn' => 'What is stitched on cannot slide, and cannot hold the lap part.',
            ],
        ],
    ],
    'arithmetic' => [
        'title' => 'Arithmetic',
        'expiry' => [
            'asked' => 'Made {made}, to be used for {years} years. Which is the first day of no more use?',
            'is' => '{day}',
            'because' => 'The anniversary itself is the first day of no more use: {day}.',
        ],
        'anchors' => [
            'asked' => 'The seat weighs {seat}, its label gives no figure for the lower anchors. How heavy may a child be, {facing, '
                . 'select, rear {rear-facing} other {forward-facing}}?',
            'because' => 'Child and seat together, less the seat’s own {seat}: {most}.',
        ],
        'wedge' => [
            'asked' => 'The back stands at {angle} from upright and is too upright; the base is {base} long. What goes into the crease, '
                . 'if its maker allows it?',
            'one_noodle' => 'One noodle',
            'three_noodles' => 'Three noodles, taped in a triangle',
            'towel' => 'A rolled towel',
            'because' => 'It must lift about {lift}; this gains {gain}.',
        ],
        'slot' => [
            'asked' => 'The shoulder is {shoulder} above the cushion, {facing, select, rear {rear-facing} other {forward-facing}}, FMVSS '
                . '213 on the label. Slots from the lowest: {heights}. Which one?',
            'is' => 'Slot {n}',
            'because' => 'Slot {n}: {facing, select, rear {the highest at or below the shoulder} other {the lowest at or above the '
                . 'shoulder}} that its maker allows.',
        ],
    ],
    'order' => ['title' => 'Which step comes next?', 'asked' => '{seat}, {mode}. Done: {before} What comes next?'],
    'right' => 'Right.',
    'wrong' => 'Not that one. Right is: {right}',
    'next' => 'Next one',
    'more' => 'Other forms',
    'lay' => [
        'title' => 'Lay the steps in order',
        'asked' => '{seat}, {mode}. Press the steps in the order in which they are done.',
        'laid' => 'Laid so far',
        'none' => 'Nothing yet.',
        'left' => 'Still to be laid',
        'take_out' => 'Take out',
        'take_out_of' => 'Take out: {step}',
        'right' => 'All in order.',
        'wrong' => '{n, plural, one {# step lies} other {# steps lie}} elsewhere on this seat’s card.',
        'card' => 'On the card',
        'moved' => 'lay elsewhere',
        'again' => 'Try it again',
    ],
];
