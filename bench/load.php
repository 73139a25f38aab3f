<?php

declare(strict_types=1);

use Bench\Browser;

/*
 * What a server holds, in one run: first each main view alone beside an empty page, and the bytes that are sent for it; then 200
 * people who look at a page every ten to twenty seconds, and 50 tablets that record a rep every ten. Called by bench/load.
 */

require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

[$base, $seconds] = [$argv[1], (float) $argv[2]];
mt_srand(17);
$in = static fn (string $role): Browser => (new Browser($base))->signIn("{$role}@cinder-quay.example");
[$head, $assistant, $student, $guardian] = array_map($in, ['head', 'assistant', 'student', 'guardian']);
$first = static fn (Browser $whose, string $path, string $pattern): string => preg_match($pattern, $whose->get($path)->body, $found) === 1 ? $found[1] : exit("{$path} has nothing like {$pattern}\n");
$own = $first($student, '/', '#/people/(\d+)#');
$views = [
    'an empty page' => '/drill-lists', 'the wall' => '/wall', 'attacks' => '/attacks', 'an attack' => '/attacks/'.$first($head, '/attacks', '#/attacks/(\d+)"#'),
    'answers' => '/answers', 'an answer' => '/answers/'.$first($head, '/answers', '#/answers/(\d+)"#'), 'people' => '/people', 'a ladder' => '/people/'.$first($head, '/people', '#/people/(\d+)"#'),
    'the board' => '/board', 'classes' => '/classes', 'a class' => '/classes/'.$first($head, '/classes', '#/classes/(\d+)"#'), 'evidence' => '/evidence', 'settings' => '/school/settings', 'the Mat' => '/mat', 'its kit' => '/mat/kit',
];
$ofStudents = ['one’s own page' => "/people/{$own}/own", 'one’s ladder' => "/people/{$own}", 'at home' => "/people/{$own}/home"];
$median = static function (array $all): float {
    sort($all);

    return $all[intdiv(count($all), 2)];
};

/** @var callable(string, ?Browser): array{float, int, int, string} $alone milliseconds, bytes as they are sent, status, body */
$alone = static function (string $path, Browser $whose): array {
    $line = $whose->prepared($path);
    $body = (string) curl_exec($line);

    return [1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME), (int) curl_getinfo($line, CURLINFO_SIZE_DOWNLOAD_T), (int) curl_getinfo($line, CURLINFO_RESPONSE_CODE), $body];
};

printf("%-18s %8s %8s %10s %10s\n", 'alone', 'ms', '× empty', 'KB first', 'KB later');
$lone = $empty = [];
foreach (range(1, 9) as $turn) {
    foreach ([...$views, ...$ofStudents] as $name => $path) {
        [$time, $bytes, $status, $body] = $alone($path, isset($ofStudents[$name]) ? $student : $head);
        $status === 200 || exit("{$path}: {$status}\n");
        $lone[$name][] = $time;
        $pages[$name] = [$bytes, $body];
    }
}
$sizes = [];
foreach ($lone as $name => $times) {
    $lone[$name] = $median($times);
    [$bytes, $body] = $pages[$name];
    preg_match_all('#/build/[^"\'\s)]+#', $body, $assets);
    $whole = $bytes;
    foreach (array_unique($assets[0]) as $asset) {
        $sizes[$asset] ??= $alone($asset, $head);
        $whole += $sizes[$asset][1];
        // Fonts that a style sheet names: a browser asks for those that it draws with.
        preg_match_all('#url\(([^)]+\.woff2)\)#', str_ends_with($asset, '.css') ? $sizes[$asset][3] : '', $fonts);
        foreach (array_unique($fonts[1]) as $font) {
            $sizes[$font] ??= $alone(str_starts_with($font, '/') ? $font : dirname($asset).'/'.$font, $head);
            $whole += $sizes[$font][1];
        }
    }
    printf("%-18s %8.1f %8.2f %10.1f %10.1f\n", $name, $lone[$name], $lone[$name] / $lone['an empty page'], $whole / 1024, $bytes / 1024);
}

// Each waits, asks, reads for a while, and asks again: whoever has not been answered asks nothing else.
$due = [];
foreach (range(1, 250) as $number) {
    $due[] = [microtime(true) + 20 * mt_rand() / mt_getrandmax(), match (true) {
        $number <= 50 => 'tablet', $number <= 80 => 'head', $number <= 230 => 'student', default => 'guardian',
    }];
}
$kit = json_decode($assistant->get('/mat/kit')->body, true);
$uuid = static fn (): string => preg_replace('/^(.{8})(.{4})(.{3})(.{3})(.{12}).*$/', '$1-$2-4$3-8$4-$5', bin2hex(random_bytes(16)));
$rep = static function () use ($kit, $uuid): array {
    $person = $kit['students'][array_rand($kit['students'])];
    $cell = $kit['cells'][($person['tickets'][array_rand($person['tickets'] ?: [0])] ?? ['cell' => 0])['cell']];

    return ['reps' => [['id' => $uuid(), 'by' => $kit['by'], 'student_id' => $person['id'], 'attack_id' => $cell['attack'], 'side' => $cell['side'], 'rung' => 2, 'outcome' => 'clean', 'at' => gmdate('Y-m-d\\TH:i:s\\Z')]]];
};
$multi = curl_multi_init();
$at = [];
$times = $errors = [];
$end = microtime(true) + $seconds;
$count = 0;
while (microtime(true) < $end || $at !== []) {
    foreach ($due as $place => [$when, $kind]) {
        if ($when > microtime(true) || microtime(true) >= $end) {
            continue;
        }
        unset($due[$place]);
        [$name, $line] = match ($kind) {
            'tablet' => mt_rand(0, 19) === 0 ? ['its kit', $assistant->prepared('/mat/kit')] : ['a rep', $assistant->prepared('/mat/reps', $rep())],
            'student' => [$name = array_rand($ofStudents), $student->prepared($ofStudents[$name])],
            'guardian' => ['children', $guardian->prepared('/children')],
            default => [$name = array_rand(array_diff_key($views, ['its kit' => 0])), $head->prepared($views[$name])],
        };
        curl_multi_add_handle($multi, $line);
        $at[spl_object_id($line)] = [$line, $kind, $name];
    }
    curl_multi_exec($multi, $running);
    while ($done = curl_multi_info_read($multi)) {
        [$line, $kind, $name] = $at[spl_object_id($done['handle'])];
        unset($at[spl_object_id($line)]);
        $status = (int) curl_getinfo($line, CURLINFO_RESPONSE_CODE);
        $times[$name][] = 1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME);
        $kept = $name !== 'a rep' || count(json_decode((string) curl_multi_getcontent($line), true)['kept'] ?? []) === 1;
        $status === 200 && $kept || $errors[] = "{$name}: {$status}";
        $count++;
        curl_multi_remove_handle($multi, $line);
        $due[] = [microtime(true) + ($kind === 'tablet' ? 10 : 10 + 10 * mt_rand() / mt_getrandmax()), $kind];
    }
    curl_multi_select($multi, 0.02);
}
printf("\n%d requests of 200 people and 50 tablets in %.0f s: %d errors %s\n", $count, $seconds, count($errors), implode(', ', array_unique($errors)));
$lone['a rep'] = $median(array_map(static function () use ($assistant, $rep): float {
    $line = $assistant->prepared('/mat/reps', $rep());
    curl_exec($line);

    return 1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME);
}, range(1, 15)));
$lone['children'] = $median(array_map(static fn (): float => $alone('/children', $guardian)[0], range(1, 9)));
printf("%-18s %6s %10s %10s %12s\n", 'together', 'times', 'median ms', 'p95 ms', 'p95 × alone');
$ratios = [];
ksort($times);
foreach ($times as $name => $all) {
    sort($all);
    $p95 = $all[(int) ceil(0.95 * count($all)) - 1];
    array_push($ratios, ...array_map(static fn (float $time): float => $time / $lone[$name], $all));
    printf("%-18s %6d %10.1f %10.1f %12.1f\n", $name, count($all), $median($all), $p95, $p95 / $lone[$name]);
}
sort($ratios);
printf("%-18s %6d %10s %10s %12.1f\n", 'all', count($ratios), '', '', $ratios[(int) ceil(0.95 * count($ratios)) - 1]);
exit($errors === [] ? 0 : 1);
