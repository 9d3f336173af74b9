<?php

declare(strict_types=1);

/** The event's home page. */

return [
    'held' => '{day}, practice {practice}.',
    'groups' => ['in_bays' => 'In the bays', 'waiting' => 'Waiting', 'gone' => 'Gone home'],
    'title' => 'Event',
    'no_list' => 'No recall list is loaded.',
    'nobody' => 'Nobody is here yet',
    'nobody_hint' => 'When the first car drives in, press “A family arrives”.',
];
