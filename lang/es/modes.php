<?php

declare(strict_types=1);

/** The ways of riding. */

return [
    'rear_harness' => ['title' => 'Arnés mirando hacia atrás', 'short' => 'Atrás', 'within' => 'asiento con arnés mirando hacia atrás'],
    'forward_harness' => [
        'title' => 'Arnés mirando hacia adelante',
        'short' => 'Adelante',
        'within' => 'asiento con arnés mirando hacia adelante',
    ],
    'high_back_booster' => ['title' => 'Elevador con respaldo', 'short' => 'Con respaldo', 'within' => 'elevador con respaldo'],
    'backless_booster' => ['title' => 'Elevador sin respaldo', 'short' => 'Sin respaldo', 'within' => 'elevador sin respaldo'],
    'belt_only' => ['title' => 'Solo el cinturón', 'short' => 'Cinturón', 'within' => 'solo el cinturón'],
];
