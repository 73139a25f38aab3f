<?php

return [
    'connections' => [
        'database' => [
            'driver' => 'database',
            'connection' => env('DB_QUEUE_CONNECTION'),
            'table' => 'jobs',
            'queue' => 'default',
            // Seconds after which a job that is still at work is given to another worker: more than any job may take.
            'retry_after' => 330,
            'after_commit' => false,
        ],
    ],
];
