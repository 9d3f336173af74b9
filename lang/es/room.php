<?php

declare(strict_types=1);

/** How room to the seat ahead is gained. */

return [
    'upright' => 'Póngalo más vertical, hasta donde su fabricante lo permita para este niño.',
    'handle' => 'Ponga el asa en la otra posición que su fabricante permite para viajar.',
    'baseless' => 'Sujete la carcasa sin su base con el cinturón, si su fabricante lo permite.',
];
