<?php

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'table' => 'sessions',
    'cookie' => 'stone_drill_session',
    'path' => '/',
    // Left empty it follows the address that was asked for: plain http on loopback, https behind TLS.
    'secure' => env('SESSION_SECURE_COOKIE') === '' ? null : env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
];
