<?php

declare(strict_types=1);

/** Whether a seat may be used on an aircraft, and how. */

return [
    'booster' => 'Boosters cannot be used on an aircraft: there is no shoulder belt.',
    'not_certified' => 'Its label does not say that it is certified for aircraft.',
    'base' => 'Its shell would have to be belted without the base, which its maker does not allow.',
    'outside' => 'The child is outside the limits of this way of riding: {why}.',
    'yes' => 'Its label says it is certified for aircraft, and the child is within its limits as far as they are known here.',
    'how' => 'Say how it is to be used: rear-facing or forward-facing. A booster never is.',
    'wording' => 'Look on the label for words like these: "This restraint is certified for use in motor vehicles and aircraft".',
    'look_base' => 'Look whether its shell lifts off a base, which stays behind. A shell that only turns on its base does not.',
    'ask_base' => 'Ask its manual whether the shell may be belted without its base.',
    'weigh' => 'The seat\'s own limits hold in the air too: weigh and measure the child, and see how it sits.',
    'harness' => 'Its own harness holds the child.',
    'unsound' => 'Its check says that it may not be used: what may not ride on the road may not fly.',
    'certified' => 'Its label says that it is certified for aircraft.',
    'baseless' => 'Its maker allows the shell to be belted without its base, which stays behind.',
    'fits' => 'The child is within its limits as far as they are known here.',
    'before' => [
        'airline' => 'Tell the airline that a seat comes along, and ask which places it allows for one. It decides.',
        'label' => 'Know where the label with these words is, and take the manual along: the crew may ask for both.',
        'measure' => 'Measure the seat where it is widest, and ask how wide the places are between their arm rests.',
        'width' => 'It is {width} wide: ask how wide the places are between their arm rests.',
        'carry' => 'Carry it aboard. In the hold nobody sees what happens to it.',
    ],
    'aboard' => [
        'window' => 'Take a place that faces forward, at the window first, so that nobody has to climb over it; never in an exit row.',
        'base' => 'The base stays behind: the shell is belted by its own path.',
        'setting' => 'Set its recline to {settings}{several, select, yes {, as its maker allows for this weight} other {, the one its '
            . 'maker allows for this weight}}.',
        'handle' => 'Put the carrying handle in a position for travel: {handles}.',
        'path' => 'Lap belt only: lead it through the {path, select, rear {rear-facing path, under the legs of the child} other '
            . '{forward-facing path, behind the back of the child}}, flat, and buckle it.',
        'both' => 'In a car its maker wants lap and shoulder part through the path. An aircraft has the lap part only: read what its '
            . 'manual says of aircraft before the day.',
        'tighten' => 'Put your weight into the seat and pull the free end tight. It keeps its length by itself: no locking clip.',
        'buckle' => 'See that the buckle can still be opened. If it lies where no hand reaches, ask the crew for a longer belt or another '
            . 'place.',
        'straps' => 'No tether and no lower anchors there: store both straps on the seat.',
        'level' => 'Set its level line or indicator as in the car{known, select, both {, {least} to {most} from upright} least {, at '
            . 'least {least} from upright} most {, at most {most} from upright} other {}}, while the aircraft stands. Not more upright: a '
            . 'young head drops forward.',
        'upright' => 'It may stand more upright than {known, select, both {{least} to {most}} least {{least}} most {{most}} other {its '
            . 'level line}}: its maker allows that for a child who sits unaided, and this one does. It helps in narrow rows.',
        'upright_if' => 'Set it as in the car{known, select, both {, {least} to {most} from upright} least {, at least {least} from '
            . 'upright} most {, at most {most} from upright} other {}}. Only a child who sits unaided may have it more upright; its maker '
            . 'allows that.',
        'child' => 'Coat off, straps flat and snug as in the car, for rolling, take-off and landing and whenever the sign is lit; best '
            . 'all the way.',
    ],
    'out' => [
        'wait' => 'Let the others go first: so nobody climbs over it.',
        'open' => 'Open the buckle, loosen the belt and pull it out of the path. It stays in the aircraft.',
        'all' => 'Take all of its parts and straps along{base, select, yes {; the base waits in your own car} other {}}.',
        'hold' => 'If it did travel in the hold: look for cracks, bent parts and missing ones before anybody rides in it.',
    ],
    'car' => [
        'belt' => '{base, select, yes {Without its base the shell is belted by its own path} other {It is held by the belt}}: {webbing, '
            . 'select, both {lap and shoulder part} lap {the lap part alone} other {the parts its manual names}} through the {path, '
            . 'select, rear {rear-facing path} other {forward-facing path}}.',
        'lock' => 'That belt can be locked. {because}',
        'no_lock' => 'Nothing fixes the length of that belt for this seat: take another place or another car.',
        'look' => 'A car belt must be locked. Pull it slowly to the very end and let it back, and slide its latch plate: what grips there '
            . 'locks it.',
        'tether' => 'Hook its tether on again, and tighten it.',
        'level' => 'Set its level line or indicator anew: every vehicle seat slopes otherwise.',
        'handle' => 'Where the seat ahead is close, another allowed position of the handle can give room: {handles}.',
        'room' => 'With the handle in the other allowed position there is {room} more room to the seat ahead.',
        'movement' => 'Try its movement at the belt path, side to side and front to back, as at home.',
    ],
    'title' => 'In the air',
    'parts' => [
        'points' => 'What decides it',
        'before' => 'Before the day',
        'aboard' => 'In the aircraft',
        'out' => 'Taking it out',
        'car' => 'The car at the other end',
    ],
    'print' => 'One page to print',
    'of_check' => '{name}{known, select, yes {: {seat}} other {}}',
    'caution' => 'The airline decides where a seat may stand, and its crew has the last word. The seat\'s own manual comes before this '
        . 'page.',
    'back' => 'Back to the check',
    'open' => 'Look or ask, before this page can be followed: {what}.',
    'to_calculator' => 'Back to what was asked',
    'bus' => 'What belongs on a bus cannot be used on an aircraft: no vest, no harness strapped round a seat back.',
];
