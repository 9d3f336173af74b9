<?php

declare(strict_types=1);

/** Reasons, as clauses of a sentence. */

return [
    'limit' => '{what, select, weight {weight} height {height} other {age}} {measured} {against, select, not_more {is not more than} less '
        . '{is less than} not_less {is not less than} other {is more than}} {limit}',
    'floor' => '{what, select, weight {weight} other {age}} {measured} is under the floor of {floor} for this mode',
    'no_slot' => 'no allowed slot is right for a shoulder at {shoulder}',
    'head_rear' => '{above} of shell above the head is {inclusive, select, yes {less} other {not more}} than {least}',
    'head_forward' => 'the tops of the ears are above the shell or head rest',
    'marker' => 'the shoulder is {marker, select, below {below} other {above}} the seat\'\'s shoulder markers',
    'belt_fit' => [
        'back' => 'the back does not rest against the seat',
        'knees' => 'the knees do not bend at the seat\'s edge',
        'lap' => 'the lap part does not lie on the thighs',
        'shoulder' => 'the shoulder part does not cross mid-chest',
        'stays' => 'the child cannot stay so for the whole ride',
    ],
    'stature' => 'stature {height} is under {least}',
    'law_booster' => 'the law asks for a booster until {until}',
    'law_rear' => 'the law asks to ride rear-facing until {until}',
    'zone' => [
        'young' => 'too young',
        'old' => 'too old',
        'light' => 'too light',
        'heavy' => 'too heavy',
        'sitting' => 'does not sit unaided yet',
    ],
    'not_known' => '{fact} is not known',
    'only_held' => 'only held by {held, select, lower_anchors {the lower anchors} other {the belt}}',
    'crash' => [
        'drove_away' => 'the car could not be driven away',
        'near_door_sound' => 'the door nearest the seat was damaged',
        'nobody_hurt' => 'somebody in the car was hurt',
        'no_airbag' => 'an airbag opened',
        'seat_sound' => 'damage to the seat can be seen',
    ],
    'crotch' => [
        'under_child' => 'The crotch strap is under the child.',
        'slot' => 'Crotch slot {slot} is not for this mode.',
        'nearer' => 'Another allowed crotch slot is nearer and clear of the child.',
    ],
    'unsigned' => ['technician' => 'The technician has not signed.', 'checker' => 'The second signer has not signed.'],
];
