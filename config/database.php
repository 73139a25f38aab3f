<?php

$own = [
    'driver' => 'pgsql',
    'host' => env('DB_HOST', '127.0.0.1'),
    'port' => env('DB_PORT', '54310'),
    'database' => env('DB_DATABASE', 'stone_drill'),
    'username' => env('DB_USERNAME', 'stone_drill_app'),
    'password' => env('DB_PASSWORD', ''),
    'charset' => 'utf8',
    'prefix' => '',
    'prefix_indexes' => true,
    'search_path' => 'public',
    'sslmode' => 'prefer',
    'timezone' => 'UTC',
    // A question is asked once: to prepare it, ask it and forget it again would be three ways there and back.
    'options' => [PDO::PGSQL_ATTR_DISABLE_PREPARES => true],
];

return [
    'default' => 'pgsql',

    'connections' => [
        'pgsql' => $own,

        // A copy that boards, walls and exports are read from, where there is one.
        'replica' => [
            ...$own,
            'host' => env('DB_REPLICA_HOST', $own['host']),
            'port' => env('DB_REPLICA_PORT'),
            'database' => env('DB_REPLICA_DATABASE', $own['database']),
        ],
    ],

    'migrations' => [
        'table' => 'migrations',
        'update_date_on_publish' => true,
    ],
];
