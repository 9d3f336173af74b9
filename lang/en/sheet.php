<?php

declare(strict_types=1);

/** The take-home sheet. */

return [
    'dates' => [
        'slot' => 'The shoulder reaches the next harness slot: look at the straps. An estimate.',
        'outgrown' => 'The child outgrows it as a {mode}. An estimate from the growth charts.',
        'expires' => 'From this day the seat may no longer be used.',
        'about' => 'About {month}',
        'day' => '{day}',
    ],
    'by' => [
        'both' => 'Checked by {technician}; looked at a second time by {checker}.',
        'one' => 'Checked by {technician}.',
        'nobody' => 'Not signed yet.',
    ],
];
