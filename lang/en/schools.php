<?php

declare(strict_types=1);

/** Where schools of the trade differ, and what is done here. */

return [
    'movement' => [
        'point' => 'movement',
        'schools' => '"not more than" an inch; "less than" an inch; less than 2.5 cm',
        'here' => 'practice; near the limit advises',
    ],
    'direction' => [
        'point' => 'direction of the test',
        'schools' => 'side only; side and front; also up',
        'here' => 'side and front, both asked',
    ],
    'tether_loose' => ['point' => 'test with tether loose or tight', 'schools' => 'before; after', 'here' => 'loose first, again after'],
    'lock_then_buckle' => [
        'point' => 'lock, then buckle?',
        'schools' => 'locked before threading; buckled first',
        'here' => 'buckled first, then in the order of the lock',
    ],
    'slack' => ['point' => 'slack out before or after locking', 'schools' => 'either', 'here' => 'both'],
    'clip' => [
        'point' => 'clip: how near, on what',
        'schools' => '1 in; 1½ in; beside the tongue on one layer',
        'here' => 'practice and setting',
    ],
    'forward_tether' => [
        'point' => 'forward tether tension',
        'schools' => 'as hard as one can; slack out',
        'here' => 'no slack; either passes',
    ],
    'rear_tether' => [
        'point' => 'rear tether',
        'schools' => 'always; only if the seat says',
        'here' => 'the seat, else its label\'s standard',
    ],
    'rear_straps' => [
        'point' => 'rear-facing straps',
        'schools' => 'at or below; level or slightly above',
        'here' => 'the seat, else its label\'s standard',
    ],
    'forward_straps' => [
        'point' => 'forward straps "at or below"',
        'schools' => 'said now and then, an error',
        'here' => 'at or above; named as an error to unlearn',
    ],
    'tightness' => [
        'point' => 'tightness',
        'schools' => 'pinch at, or a little below, the shoulder; one finger',
        'here' => 'the seat, else its label\'s standard',
    ],
    'nipples' => ['point' => 'clip at the nipples', 'schools' => 'said now and then', 'here' => 'armpits'],
    'turning' => [
        'point' => 'turning forward',
        'schools' => 'at one; at two; at a reached limit',
        'here' => 'floor at one and the law; advice until a limit',
    ],
    'belt_or_anchors' => ['point' => 'belt or anchors', 'schools' => 'each preferred by some', 'here' => 'equal; reasons given'],
    'weight' => [
        'point' => 'weight on the seat',
        'schools' => 'knee; hips; only enough to hold',
        'here' => 'no more than it takes, as the maker allows',
    ],
    'no_tether_anchor' => [
        'point' => 'no tether anchor',
        'schools' => 'never forward there; stow it and ride',
        'here' => 'seat, standard, practice',
    ],
    'recline' => ['point' => 'recline', 'schools' => '45°; level line until sitting; zones', 'here' => 'the seat\'s indicator'],
    'booster_belt' => ['point' => 'belt over a booster child', 'schools' => 'locked; free', 'here' => 'free'],
    'lap' => ['point' => 'lap part', 'schools' => 'across the waist; on the thighs', 'here' => 'thighs'],
    'head_part' => [
        'point' => 'head part of a booster',
        'schools' => 'at the chin; guide at the shoulder',
        'here' => 'guide at the shoulder',
    ],
    'middle' => ['point' => 'middle place', 'schools' => 'safest by statistics; wherever it is held well', 'here' => 'middle if held well'],
    'crash' => ['point' => 'after a crash', 'schools' => 'always replace; five points', 'here' => 'policy, maker first'],
    'proof' => ['point' => 'proof of a locked belt', 'schools' => 'gentle pull; firm pull', 'here' => 'firm'],
    'roll' => [
        'point' => 'roll against sliding',
        'schools' => 'above the crotch strap; nothing that did not come with it',
        'here' => 'allowed unless the maker forbids, never behind',
    ],
];
