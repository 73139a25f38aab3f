<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Bench\Browser;
use Illuminate\Contracts\Console\Kernel;

// How long another school waits while one floods the server. Called by bench/share.

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

[$base, $seconds, $share] = [$argv[1], (float) $argv[2], (int) $argv[3]];
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$small = School::query()->firstOrCreate(['name' => 'Quiet Hall'], ['doctrine' => 'escape']);
User::query()->firstOrCreate(
    ['email' => 'head@quiet.example'],
    ['school_id' => $small->id, 'name' => 'Head', 'password' => 'saltmarsh', 'role' => Role::Head],
);
$loud = (new Browser($base))->signIn('head@cinder-quay.example');
$quiet = (new Browser($base))->signIn('head@quiet.example');
[$file, $page] = ['/school/export.yaml', '/drill-lists'];

/**
 * So many of one school at once for so many seconds, and one after the other of the other school.
 *
 * @return array{list<float>, array<int, int>} milliseconds that the other school waited, and the answers by status
 */
$look = static function (int $flood, float $seconds) use ($loud, $quiet, $file, $page): array {
    $multi = curl_multi_init();
    [$end, $next, $waited, $answers, $lines] = [microtime(true) + $seconds, 0.0, [], [], []];
    $add = static function (string $whose, CurlHandle $line) use ($multi, &$lines): void {
        curl_multi_add_handle($multi, $line);
        $lines[spl_object_id($line)] = [$line, $whose];
    };
    for ($one = 0; $one < $flood; $one++) {
        $add('loud', $loud->prepared($file));
    }
    do {
        if ($next !== null && microtime(true) >= $next && microtime(true) < $end) {
            $add('quiet', $quiet->prepared($page));
            $next = null;
        }
        curl_multi_exec($multi, $running);
        while ($done = curl_multi_info_read($multi)) {
            [$line, $whose] = $lines[spl_object_id($done['handle'])];
            unset($lines[spl_object_id($line)]);
            curl_multi_remove_handle($multi, $line);
            $status = (int) curl_getinfo($line, CURLINFO_RESPONSE_CODE);
            $answers[$whose][$status] = 1 + ($answers[$whose][$status] ?? 0);
            if ($whose === 'quiet') {
                $waited[] = 1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME);
                $next = microtime(true) + 0.05;
            } elseif (microtime(true) < $end) {
                $add('loud', $loud->prepared($file));
            }
        }
        curl_multi_select($multi, 0.01);
    } while (microtime(true) < $end || $lines !== []);
    sort($waited);

    return [$waited, $answers];
};
$at = static fn (array $sorted, float $share): float => $sorted[
    min(count($sorted) - 1, (int) ($share * count($sorted)))
];
$look(0, 2);
[$alone] = $look(0, 5);
[$beside, $answers] = $look(24, $seconds);
$say = static fn (array $statuses): string => implode(
    ', ',
    array_map(static fn (int $status, int $times): string => "{$times} × {$status}", array_keys($statuses), $statuses),
);
printf(
    "%s: the other school waits %.0f ms alone (95 %%: %.0f), %.0f ms beside 24 files at once (95 %%: %.0f), %.1f ×; it got %s, the loud one %s\n",
    $share === 0 ? 'as they come   ' : "{$share} at once of 4",
    $at($alone, 0.5),
    $at($alone, 0.95),
    $at($beside, 0.5),
    $at($beside, 0.95),
    $at($beside, 0.95) / $at($alone, 0.95),
    $say($answers['quiet']),
    $say($answers['loud']),
);
