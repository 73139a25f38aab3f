<?php

return [
    'default' => 'pgsql',

    'connections' => [
        'pgsql' => [
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
        ],

        // A copy that boards, walls and exports are read from, where there is one.
        'replica' => [
            'driver' => 'pgsql',
            'host' => env('DB_REPLICA_HOST', env('DB_HOST', '127.0.0.1')),
            'port' => env('DB_REPLICA_PORT'),
            'database' => env('DB_REPLICA_DATABASE', env('DB_DATABASE', 'stone_drill')),
            'username' => env('DB_USERNAME', 'stone_drill_app'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'prefix_indexes' => true,
            'search_path' => 'public',
            'sslmode' => 'prefer',
            'timezone' => 'UTC',
        ],
    ],

    'migrations' => [
        'table' => 'migrations',
        'update_date_on_publish' => true,
    ],
];
