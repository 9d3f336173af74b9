<?php

declare(strict_types=1);

/** Every entry of a check, and what was changed. */

return [
    'declined' => 'Declined: {what}',
    'ticked' => 'A step of the card',
    'withdrawn' => 'What became of the seat',
    'sent_off' => 'Left with something open',
    'confirmed' => 'Spelling confirmed at the label',
    'whole' => ['seat' => 'Seat, from the catalogue or its label', 'vehicle' => 'Car', 'setup' => 'Set-up', 'handover' => 'Handover'],
    'taken_back' => 'taken back',
    'no_longer' => 'no longer',
    'entered' => 'entered',
    'yes' => 'yes',
    'not_known' => 'not known',
    'affirmed' => 'affirmed in a list',
    'seen' => 'Seen: {what}',
    'tried' => 'Tried: {what}',
];
