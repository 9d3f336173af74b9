<?php

declare(strict_types=1);

/** How much a finding weighs. */

return [
    'stop' => 'Alto',
    'fix' => 'Corregir',
    'ask' => 'Averiguar',
    'advise' => 'Bueno saberlo',
];
