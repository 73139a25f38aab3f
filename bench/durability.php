<?php

declare(strict_types=1);

use App\Models\School;
use Bench\Browser;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

// Called by bench/durability.

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

[$base, $wanted, $rounds, $killer] = [$argv[1], (int) $argv[2], (int) $argv[3], (int) $argv[4]];
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
[$student, $attack] = [$school->students()->value('id'), $school->attacks()->value('id')];
$patient = static function (callable $work): mixed {
    for ($try = 0; ; $try++) {
        try {
            return $work();
        } catch (Throwable $error) {
            $try < 100 || throw $error;
            usleep(200_000);
            DB::purge();
        }
    }
};

// Four devices, each a process of its own: a rep counts as acknowledged once the school has said that it has it.
$files = [];
$began = time();
foreach (range(1, 4) as $device) {
    $files[$device] = tempnam(sys_get_temp_dir(), 'stone-drill-');
    if (pcntl_fork() === 0) {
        $browser = new Browser($base);
        $signedIn = false;
        $acknowledged = [];
        while (count($acknowledged) < $wanted / 4 && time() - $began < 1_200) {
            $signedIn = $signedIn
            || str_contains($browser->signIn('assistant@cinder-quay.example')->get('/mat')->body, 'Set up a drill');
            $reps = array_map(
                static fn (): array => [
                    'id' => (string) Str::uuid(),
                    'student_id' => $student,
                    'attack_id' => $attack,
                    'side' => 'written',
                    'rung' => 2,
                    'outcome' => 'clean',
                    'at' => gmdate('Y-m-d\\TH:i:s\\Z'),
                ],
                range(1, 20),
            );
            for ($try = 0; $try < 40 && $signedIn; $try++) {
                $answer = $browser->send('POST', '/mat/reps', ['reps' => $reps], true);
                $kept = $answer->status === 200 ? json_decode($answer->body, true)['kept'] ?? [] : [];
                if (count($kept) === count($reps)) {
                    array_push($acknowledged, ...$kept);
                    break;
                }
                $signedIn = ! in_array($answer->status, [401, 419], true);
                usleep(100_000);
            }
        }
        file_put_contents($files[$device], json_encode($acknowledged));
        posix_kill(posix_getpid(), SIGKILL);
    }
}
while (pcntl_wait($status) > 0);
$acknowledged = array_merge(
    ...array_map(
        static fn (string $file): array => (array) json_decode((string) file_get_contents($file), true),
        $files,
    ),
);
array_map(unlink(...), $files);
posix_kill($killer, SIGTERM);
sleep(4);
DB::purge();
$there = [];
foreach (array_chunk($acknowledged, 1000) as $ids) {
    $there += array_count_values(
        $patient(static fn (): array => DB::table('reps')->whereIn('id', $ids)->pluck('id')->all()),
    );
}
$lost = count(array_diff($acknowledged, array_keys($there)));
$double = count(array_filter($there, static fn (int $times): bool => $times > 1));
printf("%d reps acknowledged in %d s: %d lost, %d doubled\n", count($acknowledged), time() - $began, $lost, $double);

$wrong = 0;
// Signed in once: a hundred and eighty sign-ins a minute would be too many.
$signedIn = $patient(static fn (): Browser => (new Browser($base))->signIn('assistant@cinder-quay.example'));
foreach (range(1, $rounds) as $round) {
    $id = (string) Str::uuid();
    $patient(
        static fn (): bool => DB::table('reps')->insert([
            'id' => $id,
            'school_id' => $school->id,
            'student_id' => $student,
            'attack_id' => $attack,
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => now(),
            'mistakes' => '[]',
        ]),
    );
    $pipes = [];
    foreach (['late', 'hit', 'froze'] as $outcome) {
        $pipe = stream_socket_pair(STREAM_PF_UNIX, STREAM_SOCK_STREAM, STREAM_IPPROTO_IP);
        if (pcntl_fork() === 0) {
            $browser = $signedIn->again();
            fwrite($pipe[1], 'r');
            fread($pipe[1], 1);
            $answer = $browser->send(
                'POST',
                '/mat/reps',
                [
                    'reps' => [
                        [
                            'id' => ($new = (string) Str::uuid()),
                            'student_id' => $student,
                            'attack_id' => $attack,
                            'side' => 'written',
                            'rung' => 2,
                            'outcome' => $outcome,
                            'replaces' => $id,
                            'reason' => 'at once',
                        ],
                    ],
                ],
                true,
            );
            fwrite($pipe[1], count(json_decode($answer->body, true)['kept'] ?? []).' '.$new);
            posix_kill(posix_getpid(), SIGKILL);
        }
        $pipes[] = $pipe[0];
    }
    array_map(static fn ($pipe) => fread($pipe, 1), $pipes);
    array_map(static fn ($pipe) => fwrite($pipe, 'g'), $pipes);
    $told = array_map(static fn ($pipe): array => explode(' ', (string) fread($pipe, 100)), $pipes);
    while (pcntl_wait($status) > 0);
    DB::purge();
    $kept = array_column(array_filter($told, static fn (array $one): bool => $one[0] === '1'), 1);
    $stored = $patient(static fn (): array => DB::table('reps')->where('replaces', $id)->pluck('id')->all());
    $wrong += count($kept) === 1 && $kept === $stored ? 0 : 1;
}
printf(
    "%d rounds of three corrections at once: %d in which what was acknowledged is not what is stored\n",
    $rounds,
    $wrong,
);
exit($lost + $double + $wrong === 0 && count($acknowledged) >= $wanted ? 0 : 1);
