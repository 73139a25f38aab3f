<?php

declare(strict_types=1);

namespace App\Watch;

use APCUIterator;

/**
 * What this server's processes count together, in their shared memory: since it was started, as Prometheus expects.
 * Without the extension APCu nothing is counted.
 */
final class Counters
{
    private const PREFIX = 'stone-drill-watch ';

    /** Upper ends of the classes of a histogram, in seconds. */
    private const SECONDS = [0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1.0, 2.5, 5.0, 10.0];

    /** The same for how long reps waited for a network. */
    private const LAG = [1.0, 10.0, 60.0, 600.0, 3_600.0, 86_400.0];

    public static function request(string $method, string $route, int $status, float $seconds): void
    {
        self::add('stone_drill_requests_total', ['method' => $method, 'route' => $route, 'status' => (string) $status]);
        self::observe('stone_drill_request_seconds', ['route' => $route], self::SECONDS, $seconds);
    }

    /** A rep that was kept so long after it happened. */
    public static function rep(float $seconds): void
    {
        self::observe('stone_drill_sync_lag_seconds', [], self::LAG, max(0.0, $seconds));
    }

    /** @return array<string, int> values by name and labels, as Prometheus writes them */
    public static function all(): array
    {
        $all = [];
        if (apcu_enabled()) {
            foreach (new APCUIterator('/^'.self::PREFIX.'/') as $one) {
                $all[substr((string) $one['key'], strlen(self::PREFIX))] = (int) $one['value'];
            }
        }
        uksort($all, static fn (string $a, string $b): int => self::order($a) <=> self::order($b));

        return $all;
    }

    /** @return array{string, float} classes of a histogram by their upper ends */
    private static function order(string $name): array
    {
        $isClass = preg_match('/^(.*)le="([^"]+)"/', $name, $part) === 1;

        return $isClass ? [$part[1], $part[2] === '+Inf' ? INF : (float) $part[2]] : [$name, 0.0];
    }

    public static function forget(): void
    {
        if (apcu_enabled()) {
            apcu_delete(new APCUIterator('/^'.self::PREFIX.'/'));
        }
    }

    /**
     * @param array<string, string> $labels
     * @param list<float>           $ends
     */
    private static function observe(string $name, array $labels, array $ends, float $value): void
    {
        foreach ($ends as $end) {
            // Every class holds those below it, those that nothing fell into as well.
            self::add("{$name}_bucket", [...$labels, 'le' => (string) $end], $value <= $end ? 1 : 0);
        }
        self::add("{$name}_bucket", [...$labels, 'le' => '+Inf']);
        self::add("{$name}_count", $labels);
        self::add("{$name}_microseconds", $labels, (int) round(1e6 * $value));
    }

    /** @param array<string, string> $labels */
    private static function add(string $name, array $labels, int $by = 1): void
    {
        if (apcu_enabled()) {
            apcu_inc(self::PREFIX.$name.self::labels($labels), $by);
        }
    }

    /** @param array<string, string> $labels */
    private static function labels(array $labels): string
    {
        $pairs = array_map(
            static fn (string $name, string $value): string => $name.'="'.addcslashes($value, "\\\"\n").'"',
            array_keys($labels),
            $labels,
        );

        return $pairs === [] ? '' : '{'.implode(',', $pairs).'}';
    }
}
