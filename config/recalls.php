<?php

declare(strict_types=1);

return [
    // Where a maker-independent feed answers; bin/start starts a simulated one and names it here.
    'feed' => env('RECALL_FEED_URL', ''),
    'timeout_seconds' => (int) env('RECALL_FEED_TIMEOUT', 6),
    'tries' => 3,
    'back_off_ms' => [300, 1200],
];
