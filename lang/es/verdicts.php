<?php

declare(strict_types=1);

/** What a check says as a whole. */

return [
    'do_not_use' => 'No usar',
    'fix_first' => 'Corregir antes',
    'not_finished' => 'Sin terminar',
    'good_to_ride' => 'Listo para viajar',
];
