<?php

declare(strict_types=1);

/** Places in a car, by their code. */

return [
    '1L' => 'Front left',
    '1C' => 'Front centre',
    '1R' => 'Front right',
    '2L' => 'Second row left',
    '2C' => 'Second row centre',
    '2R' => 'Second row right',
    '3L' => 'Third row left',
    '3C' => 'Third row centre',
    '3R' => 'Third row right',
];
