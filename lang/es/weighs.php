<?php

declare(strict_types=1);

/** How heavy a rule weighs. */

return [
    'stop' => 'Detener.',
    'fix' => 'Corregir.',
    'ask' => 'Preguntar.',
    'advise' => 'Aconsejar.',
];
