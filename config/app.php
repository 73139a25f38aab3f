<?php

return [
    'name' => env('APP_NAME', 'Stone Drill'),
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8080'),
    // Further hosts under which the school is reached, and proxies that may say what the browser asked for.
    'trusted_hosts' => array_values(
        array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_HOSTS', '')))),
    ),
    'trusted_proxies' => array_values(
        array_filter(array_map(trim(...), explode(',', (string) env('TRUSTED_PROXIES', '')))),
    ),
    'timezone' => env('APP_TIMEZONE', 'UTC'),
    'locale' => 'en',
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
];
