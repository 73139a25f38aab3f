<?php

return [
    'default' => env('LOG_CHANNEL', 'daily'),

    'channels' => [
        // One file a day, so that old ones go; nobody else may read them.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => (int) env('LOG_DAYS', 14),
            'permission' => 0600,
            'replace_placeholders' => true,
        ],
    ],
];
