<?php

declare(strict_types=1);

/** What a family did right, and what comes next for a child. */

return [
    'right' => [
        'rear' => 'The child rides rear-facing, the most protective way this seat offers.',
        'mode' => 'The way of riding suits the child.',
        'back_row' => 'The child rides behind the front row.',
        'held' => 'The seat was held still enough.',
        'tether' => 'The tether was used as it should be.',
        'straps' => 'The straps were at the right height.',
        'snug' => 'The straps were snug.',
        'clip' => 'The chest clip was level with the armpits.',
        'lap' => 'The lap part lay low over the thighs.',
        'shoulder' => 'The shoulder part crossed mid-chest.',
        'look' => '{state}.',
    ],
    'next' => [
        'turn_forward' => [
            'title' => 'Turning forward{offered, select, yes {} other {, in another seat}}',
            'why' => 'Rear-facing as long as this seat allows: it carries head, neck and back.',
        ],
        'booster' => [
            'title' => 'A booster{offered, select, yes {} other {, another seat}}',
            'why' => 'The harness as long as it fits, and until the child sits still for the whole ride.',
        ],
        'no_back' => [
            'title' => 'A booster without a back{offered, select, yes {} other {, another seat}}',
            'why' => 'The back guides the belt and holds a sleeping child up.',
        ],
        'belt_alone' => [
            'title' => 'The vehicle belt alone',
            'why' => 'Only where all five points of the belt-fit test hold, in this car and at this place.',
        ],
        'front_seat' => ['title' => 'The front seat', 'why' => 'The back row is the safer one, and front airbags are made for grown-ups.'],
    ],
    'condition' => '{kind, select, age {{figure} old} other {{inclusive, select, yes {{figure}} other {more than {figure}}}}}, from '
        . '{from}{when, select, met {: reached} from {: in {month}} about {: about {month}} other {}}',
    'when' => '{floor, select, met {All that must hold first is reached.} month {Not before {month}.} other {Not before all of this '
        . 'holds.}}{likely, select, yes { About {about}.} other {}}',
    'gap' => 'What the child rides in now is likely outgrown before: look for another seat in good time.',
];
