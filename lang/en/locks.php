<?php

declare(strict_types=1);

/** What fixes the length of a belt. */

return [
    'retractor' => ['title' => 'The retractor', 'short' => 'retractor'],
    'latch_plate' => ['title' => 'The latch plate', 'short' => 'latch plate'],
    'lockoff' => ['title' => 'The lock-off', 'short' => 'lock-off'],
    'clamp_door' => ['title' => 'The clamp door', 'short' => 'door'],
    'clip' => ['title' => 'The locking clip', 'short' => 'clip'],
];
