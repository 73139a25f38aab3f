<?php

declare(strict_types=1);

use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;

/*
 * Reps in one table, as they are, beside the same reps in a table of two years of months. A table of months cannot
 * promise that a rep's id is there once whatever its moment: beside it stands a table of ids that does. Called by
 * bench/months.
 */

require __DIR__.'/clock.php';

$count = (int) $argv[1];
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
DB::unprepared(
    <<<'SQL'
    create table plain (like reps including defaults including indexes);
    create table monthly (like reps including defaults) partition by range (at);
    create index on monthly (school_id, id);
    create index on monthly (school_id, student_id, attack_id, at);
    create index on monthly (school_id, student_id, at);
    create table ids (school_id bigint, id uuid, primary key (school_id, id));
    SQL
    ,
);
foreach (range(0, 24) as $month) {
    DB::statement(
        sprintf(
            "create table monthly_%d partition of monthly for values from (date '2025-01-01' + interval '%d months') to (date '2025-01-01' + interval '%d months')",
            $month,
            $month,
            $month + 1,
        ),
    );
}
$made = fn (
    int $from,
    int $to,
): string => "select md5(n::text)::uuid as id, 1::bigint as school_id, (n * 7919::bigint) % 2000 as student_id, (n * 104729::bigint / 7) % 40 as attack_id, case when n % 3 = 0 then 'mirrored' else 'written' end as side,
    1 + n % 7 as rung, (array['clean','scraped','late','hit'])[1 + n % 4] as outcome, timestamptz '2025-01-01' + (n * 48271::bigint % 730000) / 1000.0 * interval '1 day' as at, '[]'::json as mistakes from generate_series({$from}, {$to}) n";
$names = '(id, school_id, student_id, attack_id, side, rung, outcome, at, mistakes)';
$write = static function (string $table, int $from, int $to) use ($made, $names): void {
    if ($table === 'monthly') {
        $rows = $made($from, $to);
        DB::statement("insert into ids (school_id, id) select school_id, id from ({$rows}) as made on conflict do nothing");
    }
    DB::statement("insert into {$table} {$names} {$made($from, $to)}");
};
foreach (['plain', 'monthly'] as $table) {
    $write($table, 1, $count);
}
DB::statement('vacuum analyze');
$pairs = fn (
    string $table,
): string => "select count(*) from (select n % 2000 as student, n % 40 as attack from generate_series(1, 500) n) pair cross join lateral (select at from {$table} where school_id = 1 and student_id = pair.student and attack_id = pair.attack order by at) tries";
$latest = fn (
    string $table,
): string => "select count(*) from generate_series(1, 120) student cross join lateral (select attack_id from {$table} where school_id = 1 and student_id = student order by at desc limit 2) tries";
$person = fn (
    string $table,
): string => "select * from {$table} where school_id = 1 and student_id = 7 order by at desc limit 50";
$asked = [
    'tries of 500 pairs of student and attack' => static fn (string $table) => DB::select($pairs($table)),
    'the last two tries of 120 people' => static fn (string $table) => DB::select($latest($table)),
    'the last 50 tries of one' => static fn (string $table) => DB::select($person($table)),
    'whether a rep is there, by its id' => static fn (string $table) => DB::select(
        'select 1 from '.($table === 'monthly' ? 'ids' : $table)." where school_id = 1 and id = md5('77')::uuid",
    ),
];
printf("%s reps of 2,000 people in two years%20s %10s\n", number_format($count), 'one table', '25 months');
foreach ($asked as $name => $ask) {
    [$one, $months] = array_map(static fn (string $table): float => middle(static fn () => $ask($table), 21), [
        'plain',
        'monthly',
    ]);
    printf("%-50s %8.2f ms %8.2f ms   %.1f ×\n", $name, $one, $months, $months / $one);
}
$next = $count;
[$one, $months] = array_map(
    static function (string $table) use ($write, &$next): float {
        $times = array_map(static function () use ($write, $table, &$next): float {
            $next += 1_000;

            return milliseconds(
                static fn () => DB::transaction(static fn () => $write($table, $next + 1, $next + 1_000)),
                1,
            );
        }, range(1, 9));
        sort($times);

        return $times[4];
    },
    ['plain', 'monthly'],
);
printf("%-50s %8.2f ms %8.2f ms   %.1f ×\n", '1,000 reps written', $one, $months, $months / $one);
$size = static fn (string ...$like): float => array_sum(
    array_map(
        static fn (string $one): float => (float) DB::scalar(
            'select sum(pg_total_relation_size(oid)) / 1e6 from pg_class where relname like ? and relkind = ?',
            [$one, 'r'],
        ),
        $like,
    ),
);
[$one, $months] = [$size('plain'), $size('monthly\_%', 'ids')];
printf("%-50s %8.0f MB %8.0f MB   %.1f ×\n", 'room, with what is looked up in', $one, $months, $months / $one);
