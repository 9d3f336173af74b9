<?php

declare(strict_types=1);

/** What fixes the length of a belt. */

return [
    'retractor' => ['title' => 'El retractor', 'short' => 'retractor'],
    'latch_plate' => ['title' => 'La placa de enganche', 'short' => 'placa'],
    'lockoff' => ['title' => 'El bloqueador', 'short' => 'bloqueador'],
    'clamp_door' => ['title' => 'La puerta de sujeción', 'short' => 'puerta'],
    'clip' => ['title' => 'El clip de bloqueo', 'short' => 'clip'],
];
