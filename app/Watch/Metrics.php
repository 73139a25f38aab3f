<?php

declare(strict_types=1);

namespace App\Watch;

use Illuminate\Support\Facades\DB;

/** What a monitoring program reads, in the text format of Prometheus (version 0.0.4). */
final readonly class Metrics
{
    private const TYPES = [
        'stone_drill_requests_total' => 'counter',
        'stone_drill_request_seconds' => 'histogram',
        'stone_drill_sync_lag_seconds' => 'histogram',
        'stone_drill_reps_total' => 'counter',
        'stone_drill_schools' => 'gauge',
        'stone_drill_jobs_waiting' => 'gauge',
        'stone_drill_jobs_oldest_seconds' => 'gauge',
        'stone_drill_jobs_failed' => 'gauge',
        'stone_drill_disk_free_bytes' => 'gauge',
        'stone_drill_backup_age_seconds' => 'gauge',
    ];

    public function __construct(private Health $health) {}

    public function text(): string
    {
        $values = [...$this->counted(), ...$this->known()];
        $lines = [];
        foreach (self::TYPES as $name => $type) {
            $own = array_filter(
                $values,
                static fn (string $full): bool => preg_match(
                    '/^'.$name.'(?:_bucket|_sum|_count)?(?:\{|$)/',
                    $full,
                ) === 1,
                ARRAY_FILTER_USE_KEY,
            );
            if ($own !== []) {
                array_push(
                    $lines,
                    "# HELP {$name} ".__("watch.metrics.{$name}"),
                    "# TYPE {$name} {$type}",
                    ...array_map(
                        static fn (string $full, int|float $value): string => "{$full} {$value}",
                        array_keys($own),
                        $own,
                    ),
                );
            }
        }

        return implode("\n", $lines)."\n";
    }

    /** @return array<string, int|float> */
    private function counted(): array
    {
        $values = [];
        foreach (Counters::all() as $name => $value) {
            $isSum = str_contains($name, '_microseconds');
            $values[$isSum ? str_replace('_microseconds', '_sum', $name) : $name] = $isSum ? $value / 1e6 : $value;
        }

        return $values;
    }

    /** @return array<string, int|float> */
    private function known(): array
    {
        $queue = $this->health->queue();

        return array_filter(
            [
                'stone_drill_reps_total' => (int) DB::table('rep_counts')->sum('count'),
                'stone_drill_schools' => DB::table('schools')->count(),
                'stone_drill_jobs_waiting' => $queue['waiting'],
                'stone_drill_jobs_oldest_seconds' => $queue['oldest_seconds'],
                'stone_drill_jobs_failed' => $queue['failed'],
                'stone_drill_disk_free_bytes' => $this->health->disk()['free_bytes'],
                'stone_drill_backup_age_seconds' => $this->health->backup()['age_seconds'],
            ],
            static fn (int|float|null $value): bool => $value !== null,
        );
    }
}
