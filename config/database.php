<?php

declare(strict_types=1);

$application = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '5432'),
    'database' => env('DB_DATABASE', 'mintbuckle'),
    'username' => env('DB_USERNAME', 'mintbuckle_app'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8',
    // Loopback only; a persistent connection saves the password exchange of every request.
    'sslmode' => 'disable',
    'options' => [
        PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
        // Values still travel apart from the SQL; without a prepared statement that is one round trip instead of three.
        PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
    ],
];

return [
    'default' => 'pgsql',
    'connections' => [
        // Reads and adds; what was seen of a child it can neither change nor take away.
        'pgsql' => $application,
        // Makes and changes tables, nothing else: `php artisan migrate --database=owner`.
        'owner' => [
            'username' => env('DB_OWNER_USERNAME', 'mintbuckle'),
            'password' => env('DB_OWNER_PASSWORD', ''),
            'options' => [PDO::ATTR_PERSISTENT => false],
        ] + $application,
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
