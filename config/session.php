<?php

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'lifetime' => (int) env('SESSION_LIFETIME', 720),
    'table' => 'sessions',
    'cookie' => 'stone_drill_session',
    'path' => '/',
    // Plain http on loopback is how a school tries it; behind TLS set SESSION_SECURE_COOKIE=true.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'lax',
];
