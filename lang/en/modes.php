<?php

declare(strict_types=1);

/** The ways of riding. */

return [
    'rear_harness' => ['title' => 'Rear-facing harness', 'short' => 'Rear', 'within' => 'rear-facing harness seat'],
    'forward_harness' => ['title' => 'Forward-facing harness', 'short' => 'Forward', 'within' => 'forward-facing harness seat'],
    'high_back_booster' => ['title' => 'High-back booster', 'short' => 'High back', 'within' => 'high-back booster'],
    'backless_booster' => ['title' => 'Backless booster', 'short' => 'Backless', 'within' => 'backless booster'],
    'belt_only' => ['title' => 'Seat belt alone', 'short' => 'Belt', 'within' => 'seat belt alone'],
];
