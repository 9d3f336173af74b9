<?php

declare(strict_types=1);

/** Positions of a carrying handle. */

return [
    'up' => 'up',
    'down' => 'down',
    'back' => 'back',
];
