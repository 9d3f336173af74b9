<?php

declare(strict_types=1);

/** When a seat will not hold: what one sees, and what to try next. */

return [
    'title' => 'Will not hold? What do you see?',
    'tried' => 'Tried: not enough',
    'then' => 'Then try the movement again.',
    'number' => '{number} of {of}',
    'all_tried' => 'Everything for this was tried. Look at the seat’s and the vehicle’s manual, or ask the senior checker.',
    'sights' => [
        'still_loose' => 'Still loose',
        'tips_to_one_side' => 'Tips to one side',
        'hardware_in_path' => 'Buckle in the path',
        'bars_too_deep' => 'Bars lie too deep',
        'tail_in_path' => 'Strap’s end in the path',
        'slack_comes_back' => 'Slack comes back',
        'too_flat' => 'Too flat',
        'too_upright' => 'Too upright',
    ],
    'steps' => [
        'weight_in' => 'Put your weight into the seat over the belt path: hand, knee, or hips from behind, as the maker allows, and '
            . 'tighten',
        'pull_from_inside' => 'Pull the shoulder webbing from inside the seat, near the buckle',
        'rock_it' => 'Rock the seat from side to side and feed the slack back as it comes',
        'peg_belt' => 'Peg the belt so that it cannot run back while you tighten; take the peg off at the end',
        'ratchet_again' => 'Draw the belt out slowly to the very end, let it back until it ratchets, and prove that it gives nothing',
        'make_room' => 'Move the vehicle seat ahead forward to get at it',
        'push_back_with_tether' => 'Push the seat back while the tether is tightened',
        'crease_filled' => 'Lay a noodle or rolled towel in the crease before tightening',
        'free_retractor' => 'Leave the retractor free and lock the belt otherwise: {way}',
        'other_lock' => 'Lock the belt in another way: {way}',
        'without_turns' => 'Tighten once more with the buckle straight, its stalk pushed down into the crease',
        'turn_buckle' => 'Turn the buckle down, {n, plural, one {one full turn} other {# full turns}} at most, so that it faces forward '
            . 'again',
        'straps_long' => 'Let both anchor straps out to their full length, hook them, then tighten',
        'press_cushion' => 'Press the cushion down with a hand beside each bar and hook one side at a time',
        'tail_straight' => 'Lead the strap’s free end out of the path and pull it straight along the path, not over an edge',
        'foot_end' => 'Press down at the foot end while you tighten; do not pull up at the top',
        'other_setting' => 'Set the recline to {n}',
        'noodles' => 'Lay {n, plural, one {one noodle} other {# noodles, taped in a triangle,}} in the crease, tighten, and look at the '
            . 'angle again',
        'towel' => 'Lay a rolled towel in the crease, tighten, and look at the angle again',
        'the_belt' => 'Hold it with the belt in place of the anchors',
        'the_anchors' => 'Hold it with the lower anchors in place of the belt',
        'other_place' => 'Try another place in the car',
        'other_seat' => 'Try another seat',
        'turn_buckle_if_allowed' => 'If the vehicle’s manual allows, turn the buckle down, {n, plural, one {one full turn} other {# full '
            . 'turns}} at most, so that it faces forward again',
    ],
];
