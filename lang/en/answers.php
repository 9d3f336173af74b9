<?php

declare(strict_types=1);

/** Answers that many questions share. */

return [
    'yes' => 'Yes',
    'no' => 'No',
    'unsaid' => 'what the manual says',
    'elsewhere' => 'Elsewhere',
    'nothing' => 'nothing',
    'open' => 'Something of the seat or the car is not known yet.',
];
