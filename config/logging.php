<?php

declare(strict_types=1);

// A file a day, a fortnight of them, read by their owner and group alone. A name for each who writes: one that root began, nobody else
// could go on with.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/' . (PHP_SAPI === 'fpm-fcgi' ? 'pages' : 'work-' . posix_geteuid()) . '.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0o640,
            'tap' => [App\Logging\WithoutPersons::class],
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
