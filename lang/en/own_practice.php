<?php

declare(strict_types=1);

/** An organisation's own copy of a practice, and practices side by side. */

return [
    'title' => 'Own figures',
    'intro' => 'A copy of a practice in which this organisation sets figures of its own, each with its source. What is changed shows '
        . 'wherever a limit is shown.',
    'new' => 'Copy a practice',
    'none' => 'No copy yet: events work by the practices as they stand in the handbook.',
    'copied' => 'A copy of {base}, kept by {name}',
    'change' => 'Change it',
    'edit_intro' => 'Leave empty what stays as in the practice. Each figure needs its source. None may go beyond what some school of '
        . 'the trade teaches.',
    'name' => 'Short name',
    'name_hint' => 'Small letters and digits, as it is shown beside a limit: harbour',
    'base' => 'Copied from',
    'value' => 'Value',
    'source' => 'Where it is from',
    'never' => 'Never without a tether anchor, whatever the seat’s maker says',
    'called' => '{name}, own figures',
    'as_printed' => 'as in the practice',
    'copy_of' => '{name}, a copy of {base}',
    'figures' => [
        'movement' => 'Movement at the belt path',
        'clip' => 'Locking clip from the latch plate',
        'anchors_forward' => 'Child and seat on lower anchors, forward-facing',
        'anchors_rear' => 'Child and seat on lower anchors, rear-facing',
        'no_tether' => 'Forward-facing without a tether anchor',
        'booster_from' => 'Booster not before the age of',
        'booster_weight' => 'Booster not before the weight of',
        'accepted' => 'Standards accepted on the label',
    ],
    'examples' => [
        'movement' => '20 mm, or under 25 mm',
        'clip' => '1 in, or 25 mm; at most 1.5 in',
        'anchors_forward' => '60 lb',
        'anchors_rear' => '55 lb',
        'booster_from' => '60 months',
        'booster_weight' => '45 lb',
    ],
    'wrong' => [
        'name' => 'Two to twenty small letters and digits, no practice’s own name, and not taken yet.',
        'base' => 'Choose the practice that it copies.',
        'unreadable' => 'Cannot be read. See the example.',
        'beyond' => 'No school allows more than {most}.',
        'below_floor' => 'A floor may be raised, not lowered: at least {most}.',
        'label_only' => 'In this practice the label alone speaks.',
        'source_needed' => 'Say where it is from.',
        'source_long' => 'The source is too long.',
    ],
    'compare' => [
        'title' => 'Under another practice',
        'short' => 'Under another practice',
        'intro' => 'The same facts, judged by {here} and by another. Only what would differ is shown.',
        'back' => 'Back',
        'with' => 'Compare with',
        'same' => 'Nothing that this check shows would differ under {there}.',
        'only' => 'Only under {practice}',
        'otherwise' => 'Judged otherwise',
        'asked' => 'Asked only under {practice}',
        'figures' => 'Figures that differ',
        'figure' => 'Figure',
        'schools' => 'Why: where schools differ',
        'touched' => 'Other points of this check on which schools differ',
        'here_is' => 'Here: {here}.',
        'caution' => 'The seat’s and the vehicle’s instructions and local law hold under every practice. This changes nothing of the '
            . 'check.',
    ],
    'file' => [
        'title' => 'A case file under another practice',
        'intro' => 'A case as JSON, by its schema. It is read and shown, and kept nowhere.',
        'case' => 'Case file',
        'compare' => 'Compare',
    ],
];
