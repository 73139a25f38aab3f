<?php

declare(strict_types=1);

// What figures for a monitoring program are about, and lines of the log.
return [
    'query-refused' => 'A query was refused.',
    'metrics' => [
        'stone_drill_requests_total' => 'Requests by method, route and status since the server was started.',
        'stone_drill_request_seconds' => 'Seconds a request took, by route.',
        'stone_drill_sync_lag_seconds' => 'Seconds from a rep to its being kept.',
        'stone_drill_reps_total' => 'Reps that are kept, of all schools.',
        'stone_drill_schools' => 'Schools.',
        'stone_drill_jobs_waiting' => 'Jobs that wait for a worker.',
        'stone_drill_jobs_oldest_seconds' => 'Seconds for which the oldest of them has waited.',
        'stone_drill_jobs_failed' => 'Jobs that have failed and were not given up.',
        'stone_drill_disk_free_bytes' => 'Bytes that are free where files are kept.',
        'stone_drill_backup_age_seconds' => 'Seconds since the last backup; missing where there is none.',
    ],
];
