<?php

declare(strict_types=1);

/** Positions of a carrying handle. */

return [
    'up' => 'arriba',
    'down' => 'abajo',
    'back' => 'atrás',
];
