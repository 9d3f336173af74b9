<?php

declare(strict_types=1);

/** Where a limit comes from, inside a sentence. */

return [
    'seat' => 'la etiqueta o el manual del asiento',
    'vehicle' => 'el manual del vehículo',
    'law' => 'la ley, como se anotó para este día',
    'standard' => 'la norma de la etiqueta ({standard})',
    'practice' => 'la práctica de este evento ({practice})',
    'default' => 'la guía',
];
