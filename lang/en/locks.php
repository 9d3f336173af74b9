<?php

declare(strict_types=1);

/** What fixes the length of a belt. */

return [
    'retractor' => ['title' => 'The retractor', 'short' => 'retractor', 'within' => 'the retractor'],
    'latch_plate' => ['title' => 'The latch plate', 'short' => 'latch plate', 'within' => 'the latch plate'],
    'lockoff' => ['title' => 'The lock-off', 'short' => 'lock-off', 'within' => 'the lock-off'],
    'clamp_door' => ['title' => 'The clamp door', 'short' => 'door', 'within' => 'the clamp door'],
    'clip' => ['title' => 'The locking clip', 'short' => 'clip', 'within' => 'the locking clip'],
];
