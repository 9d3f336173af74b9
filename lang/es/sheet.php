<?php

declare(strict_types=1);

/** The take-home sheet. */

return [
    'dates' => [
        'slot' => 'El hombro llega a la siguiente ranura del arnés: revise las correas. Una estimación.',
        'outgrown' => 'Al niño le queda chico como {mode}. Una estimación según las tablas de crecimiento.',
        'expires' => 'Desde este día el asiento ya no puede usarse.',
        'about' => 'Hacia {month}',
        'day' => '{day}',
    ],
    'by' => [
        'both' => 'Revisado por {technician}; revisado por segunda vez por {checker}.',
        'one' => 'Revisado por {technician}.',
        'nobody' => 'Todavía sin firmar.',
    ],
];
