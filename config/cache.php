<?php

declare(strict_types=1);

// Beside what the framework says: runs of the tests that go on at once keep their files apart.
return [
    'stores' => [
        'file' => [
            'driver' => 'file',
            'path' => env('CACHE_PATH', storage_path('framework/cache/data')),
            'lock_path' => env('CACHE_PATH', storage_path('framework/cache/data')),
        ],
    ],
];
