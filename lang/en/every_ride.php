<?php

declare(strict_types=1);

/** What the family looks at before every ride. */

return [
    'movement' => 'At the belt path the seat moves {known, select, inclusive {no more than {limit}} below {less than {limit}} other {no '
        . 'more than its maker allows}}, side to side and front to back.',
    'handle' => 'The handle is in a position for travel: {handles}.',
    'test' => 'Slack up from the hips, then the adjuster, then the test at the shoulder: {test, select, pinch {no webbing can be pinched '
        . 'lengthwise} other {one finger goes between strap and child, two do not}}.',
    'alone_back' => 'Back against the vehicle seat, knees bent at its edge.',
    'alone_belt' => 'Lap part low on the thighs; shoulder part across mid-chest, never under the arm.',
    'shell' => 'The shell clicks on to its base, and every indicator says locked.',
    'turned' => 'The shell is turned to where it rides and locked there.',
    'recline' => 'The recline indicator stands where it must, on level ground.',
    'zone' => 'The recline indicator stands in the zone for this child, on level ground.',
    'sits' => 'Bottom and back against the seat, coat off, straps flat.',
    'chest_clip' => 'Chest clip level with the armpits.',
    'tether_rear' => 'Once the child is in, the tether is taken up again: no slack, the seat not drawn over.',
    'tether' => 'The tether is hooked on and tight.',
    'booster_sits' => 'Bottom and back against the booster.',
    'guide' => 'The head part\'s belt guide at or just above the shoulder.',
    'lap' => 'Lap part low over the thighs, under both arm rests.',
    'shoulder' => 'Shoulder part across mid-chest, snug, never under the arm.',
    'empty' => 'The booster buckled in when nobody sits on it.',
    'head_restraint' => 'Put the vehicle\'s head restraint back whenever somebody sits here without this seat.',
];
