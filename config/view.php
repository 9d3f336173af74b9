<?php

declare(strict_types=1);

return [
    'paths' => [resource_path('views')],
    'compiled' => storage_path('framework/views'),
    // Templates change only with a new release, and bin/start compiles them then.
    'check_cache_timestamps' => env('APP_ENV', 'production') !== 'production',
];
