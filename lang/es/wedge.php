<?php

declare(strict_types=1);

/** What is laid under the crease. */

return [
    'one_noodle' => 'un tubo de espuma',
    'three_noodles' => 'tres tubos de espuma pegados en triángulo',
    'towel' => 'una toalla enrollada',
    'towel_high' => 'una toalla enrollada, de {lift} de alto al presionarla',
    'noodles' => '{count, select, 1 {un tubo de espuma} 2 {dos tubos de espuma} 3 {tres tubos de espuma pegados en triángulo} other {los '
        . 'tubos de espuma}}',
];
