<?php

// Besides the framework's own disks: where pictures and clips lie.
return [
    'disks' => [
        'footage' => [
            'driver' => 'local',
            'root' => storage_path('footage'),
            'throw' => true,
        ],
        // Any store that speaks S3, with the AWS_ settings.
        's3' => [
            'driver' => 's3',
            'key' => env('AWS_ACCESS_KEY_ID'),
            'secret' => env('AWS_SECRET_ACCESS_KEY'),
            'region' => env('AWS_DEFAULT_REGION', 'us-east-1'),
            'bucket' => env('AWS_BUCKET'),
            'endpoint' => env('AWS_ENDPOINT'),
            'use_path_style_endpoint' => env('AWS_USE_PATH_STYLE_ENDPOINT', true),
            'throw' => true,
        ],
    ],
];
