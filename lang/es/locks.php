<?php

declare(strict_types=1);

/** What fixes the length of a belt. */

return [
    'retractor' => ['title' => 'El retractor', 'short' => 'retractor', 'within' => 'el retractor'],
    'latch_plate' => ['title' => 'La lengüeta', 'short' => 'lengüeta', 'within' => 'la lengüeta'],
    'lockoff' => ['title' => 'El bloqueador', 'short' => 'bloqueador', 'within' => 'el bloqueador'],
    'clamp_door' => ['title' => 'La puerta de sujeción', 'short' => 'puerta', 'within' => 'la puerta de sujeción'],
    'clip' => ['title' => 'El clip de bloqueo', 'short' => 'clip', 'within' => 'el clip de bloqueo'],
];
