<?php

use Monolog\Formatter\JsonFormatter;

return [
    'default' => env('LOG_CHANNEL', 'daily'),

    'channels' => [
        // One file a day, so that old ones go; nobody else may read them. A line is an object of JSON with the ids of
        // request and school.
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/laravel.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => (int) env('LOG_DAYS', 14),
            'permission' => 0600,
            'replace_placeholders' => true,
            'formatter' => JsonFormatter::class,
            'formatter_with' => ['includeStacktraces' => true],
        ],
        // One line for each request, without addresses, names or what was sent.
        'requests' => [
            'driver' => 'daily',
            'path' => storage_path('logs/requests.log'),
            'level' => env('LOG_REQUESTS', true) ? 'info' : 'emergency',
            'days' => (int) env('LOG_DAYS', 14),
            'permission' => 0600,
            'formatter' => JsonFormatter::class,
        ],
    ],
];
