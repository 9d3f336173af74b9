<?php

declare(strict_types=1);

/** The limits of the practices and the conventions of the label standards, side by side. */

return [
    'practices' => ['us' => 'United States', 'nz' => 'New Zealand', 'au' => 'Australia'],
    'rows' => [
        'movement' => 'Movement allowed at the belt path',
        'clip' => 'Locking clip, distance from the latch plate',
        'anchors_forward' => 'Lower anchors, child and seat together, forward-facing, when the label gives no figure',
        'anchors_rear' => 'Lower anchors, child and seat together, rear-facing, when the label gives no figure',
        'made_from' => 'These hold for seats made from',
        'no_tether' => 'Forward harness without a tether anchor',
        'booster' => 'Booster not before',
        'accepted' => 'Accepted standards on the label',
        'rear_straps' => 'Shoulder straps leave the seat, rear-facing',
        'forward_straps' => 'Shoulder straps leave the seat, forward-facing',
        'tightness' => 'Strap tightness test',
        'chest_clip' => 'Chest clip',
        'rear_tether' => 'Tether, rear-facing',
    ],
    'values' => [
        'bound' => '{inclusive, select, yes {at most} other {less than}} {limit}',
        'together' => '{known, select, yes {at most {limit}} other {the label only}}',
        'made_from' => '{known, select, yes {{day}} other {does not apply}}',
        'no_tether' => '{allowed, select, yes {only if the seat\'\'s maker says so} other {never}}',
        'booster' => '{heavy, select, yes {{from} and {weight}} other {{from}}}',
        'straps' => '{rule, select, at_or_below {at or below the shoulder} at_or_above {at or above the shoulder} other {level to 25 mm '
            . 'above}}',
        'tightness' => '{test, select, pinch {pinch: no webbing can be pinched lengthwise} other {one finger between strap and child, '
            . 'not two}}',
        'chest_clip' => '{has, select, yes {has one, level with the armpits} other {none}}',
        'rear_tether' => '{always, select, yes {always, unless the seat forbids it} other {only if the seat requires it}}',
        'none' => 'none',
        'label_only' => 'the label only',
    ],
    'differ' => '{mark}; schools differ',
    'named' => [
        'as_entered' => '{limit}',
        'armpit' => 'at the armpits',
        'mid_chest' => 'across mid-chest',
        'lap_shoulder' => 'lap and shoulder belt',
        'pinch' => 'the pinch',
        'one_finger' => 'one finger',
        '30 days' => '30 days',
    ],
];
