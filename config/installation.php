<?php

return [
    // Who may start a school of their own here: `open` for everybody, `invited` for who has a link from `php artisan
    // school:invite`, `off` for nobody; `php artisan school:create` works always.
    'beginning' => env('SCHOOL_BEGINNING', 'invited'),

    // On which disk pictures and clips lie: `footage` is a folder of this machine, `s3` any store that speaks S3.
    'footage' => env('FOOTAGE_DISK', 'footage'),

    // How bin/install has made it a service: `domain`, or `lan` with an authority of this network's own; empty under
    // bin/start.
    'installed' => env('INSTALLED', ''),

    // How many requests of one school are served at once on a machine that schools share; 0 for as many as come.
    'at-once' => (int) env('SCHOOL_AT_ONCE', 0),

    // Whether there is a copy of the database to read from.
    'replica' => env('DB_REPLICA_PORT', '') !== '',

    // Who sends it as a bearer token may read /health and /metrics; empty for nobody.
    'watch-token' => env('WATCH_TOKEN', ''),

    // What is as old as this installation: its settings.
    'born' => base_path('.env'),

    'backups' => [
        // Where they lie. What lies on another disk, or is copied to one, survives this one.
        'folder' => env('BACKUP_FOLDER', storage_path('backups')),
        // A disk to which each is copied, `s3` for the store of the AWS_ settings; empty for none. The same are kept
        // there.
        'disk' => env('BACKUP_DISK', ''),
        // Whoever has it can open them; keep it where this machine is not. Empty takes APP_KEY.
        'key' => env('BACKUP_KEY', ''),
    ],
];
