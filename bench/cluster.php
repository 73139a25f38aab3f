<?php

declare(strict_types=1);

use App\Models\School;
use Bench\Browser;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/*
 * What a cluster is for, proven on one: the primary is killed while two clients record, an application node is killed
 * while they look and record, and copies are held back. Called by bin/cluster, whose script `act` does what is to
 * happen.
 */

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

[$base, $script] = [$argv[1], $argv[2]];
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$act = static fn (string $what): string => trim(
    (string) shell_exec('bash '.escapeshellarg($script).' '.escapeshellarg($what)),
);
$school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
$attack = $school->attacks()->value('id');
[$first, $second] = $school->students()->limit(2)->pluck('id')->all();
DB::disconnect();
$failed = 0;
$say = static function (bool $isWell, string $what) use (&$failed): void {
    printf(" %s  %s\n", $isWell ? 'ok' : '!!', $what);
    $failed += $isWell ? 0 : 1;
};

/**
 * Two clients, each a process of its own, that record for so many seconds.
 *
 * @return list<array{at: float, ok: bool, id: string, looks: bool}> everything that was asked, by when it was answered
 */
$record = static function (float $seconds, bool $looks, callable $meanwhile) use (
    $base,
    $attack,
    $first,
    $second,
): array {
    $files = [];
    foreach ([$first, $second] as $student) {
        $files[] = $file = tempnam(sys_get_temp_dir(), 'stone-drill-');
        if (pcntl_fork() === 0) {
            $browser = (new Browser($base))->signIn('assistant@cinder-quay.example');
            $browser->get('/mat');
            $all = [];
            for ($end = microtime(true) + $seconds; microtime(true) < $end; usleep(50_000)) {
                $rep = [
                    'id' => (string) Str::uuid(),
                    'student_id' => $student,
                    'attack_id' => $attack,
                    'side' => 'written',
                    'rung' => 2,
                    'outcome' => 'clean',
                    'at' => gmdate('Y-m-d\\TH:i:s\\Z'),
                ];
                do {
                    // As the Mat does: what was not acknowledged is sent again.
                    $answer = $browser->send('POST', '/mat/reps', ['reps' => [$rep]], true);
                    $isKept
                        = $answer->status === 200 && (json_decode($answer->body, true)['kept'] ?? []) === [$rep['id']];
                    $all[] = ['at' => microtime(true), 'ok' => $isKept, 'id' => $rep['id'], 'looks' => false];
                    $isKept || usleep(200_000);
                } while (! $isKept && microtime(true) < $end + 30);
                if ($looks) {
                    $all[] = [
                        'at' => microtime(true),
                        'ok' => $browser->get('/wall')->status === 200,
                        'id' => '',
                        'looks' => true,
                    ];
                }
            }
            file_put_contents($file, json_encode($all));
            posix_kill(posix_getpid(), SIGKILL);
        }
    }
    $meanwhile();
    while (pcntl_wait($status) > 0);
    $all = array_merge(
        ...array_map(
            static fn (string $file): array => (array) json_decode((string) file_get_contents($file), true),
            $files,
        ),
    );
    array_map(unlink(...), $files);
    usort($all, static fn (array $a, array $b): int => $a['at'] <=> $b['at']);

    return $all;
};
$kept = static function (array $all): array {
    $ids = array_column(array_filter($all, static fn (array $one): bool => $one['ok'] && ! $one['looks']), 'id');
    DB::purge();
    $there = [];
    foreach (array_chunk($ids, 500) as $chunk) {
        $there += array_count_values(DB::table('reps')->whereIn('id', $chunk)->pluck('id')->all());
    }

    return [
        count($ids),
        count(array_diff($ids, array_keys($there))),
        count(array_filter($there, static fn (int $times): bool => $times > 1)),
    ];
};

$when = 0.0;
$who = '';
$all = $record(45, false, static function () use ($act, &$when, &$who): void {
    sleep(8);
    $when = microtime(true);
    $who = $act('primary');
});
$after = array_filter($all, static fn (array $one): bool => $one['at'] > $when);
$refused = array_filter($after, static fn (array $one): bool => ! $one['ok']);
$last = $refused === [] ? $when : max(array_column($refused, 'at'));
$back = min(
    array_column(array_filter($after, static fn (array $one): bool => $one['ok'] && $one['at'] > $last), 'at') ?: [
        INF,
    ],
) - $when;
[$count, $lost, $double] = $kept($all);
$say(
    $back <= 30,
    sprintf(
        'the primary (%s) was killed: both record again after %.1f s of 30, %d requests refused meanwhile and sent again',
        $who,
        $back,
        count($refused),
    ),
);
$say($count > 0 && $lost + $double === 0, sprintf('%d reps acknowledged: %d lost, %d doubled', $count, $lost, $double));

sleep(6);
$all = $record(25, true, static function () use ($act, &$when): void {
    sleep(6);
    $when = microtime(true);
    $act('node');
});
$refused = array_filter($all, static fn (array $one): bool => ! $one['ok'] && $one['at'] > $when);
$late = array_filter($refused, static fn (array $one): bool => $one['at'] > $when + 3);
[$count, $lost, $double] = $kept($all);
$say(
    $late === [],
    sprintf(
        'an application node was killed: %d of %d requests refused until its check failed (3 s), %d after',
        count($refused),
        count(array_filter($all, static fn (array $one): bool => $one['at'] > $when)),
        count($late),
    ),
);
$say($count > 0 && $lost + $double === 0, sprintf('%d reps acknowledged: %d lost, %d doubled', $count, $lost, $double));

// The copies stand still: whoever has written something sees it all the same, and whoever has not may see what was.
sleep(4);
$writer = (new Browser($base))->signIn('assistant@cinder-quay.example');
$reader = (new Browser($base))->signIn('head@cinder-quay.example');
$writer->get('/mat');
$reads = static fn (): int => array_sum(array_map(intval(...), explode("\n", $act('reads'))));
$before = $reads();
foreach (range(1, 20) as $time) {
    $reader->get('/wall.csv');
}
// Whoever has answered in the last second tells of it only after ten more.
sleep(12);
$between = $reads();
$say(
    $between - $before >= 20,
    sprintf('twenty walls were read from the copies: what has changed was asked %d times there', $between - $before),
);
$missing = $behind = 0;
$csv = static function (Browser $whose): int {
    $answer = $whose->get('/people/reps.csv');

    return $answer->status === 200
        ? substr_count($answer->body, "\n")
        : throw new RuntimeException("the reps were refused: {$answer->status}");
};
foreach (range(1, 20) as $time) {
    $had = $csv($writer);
    $act('hold');
    $sent = $writer->send(
        'POST',
        '/mat/reps',
        [
            'reps' => [
                [
                    'id' => (string) Str::uuid(),
                    'student_id' => $first,
                    'attack_id' => $attack,
                    'side' => 'written',
                    'rung' => 2,
                    'outcome' => 'clean',
                    'at' => gmdate('Y-m-d\\TH:i:s\\Z'),
                ],
            ],
        ],
        true,
    );
    $sent->status === 200 || throw new RuntimeException("a rep was refused: {$sent->status} {$sent->body}");
    $others = $csv($reader);
    $own = $csv($writer);
    $missing += $own === $had + 1 ? 0 : 1;
    $behind += $others < $own ? 1 : 0;
}
$act('go');
$say(
    $missing === 0 && $behind >= 10,
    sprintf(
        'copies held back: of 20 reps, %d were missing for whoever had recorded them, %d for somebody else at that moment',
        $missing,
        $behind,
    ),
);
printf("\n%s\n", $failed === 0 ? 'Everything holds.' : "{$failed} things do not hold.");
exit($failed === 0 ? 0 : 1);
