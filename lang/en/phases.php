<?php

declare(strict_types=1);

/** As it arrived, as it leaves. */

return [
    'found' => 'Found',
    'left' => 'Left',
];
