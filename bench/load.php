<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Bench\Browser;
use Illuminate\Contracts\Console\Kernel;

/*
 * What a server holds, in one run: first each main view alone beside an empty page, asked for after a rep came in and
 * again while nothing changes, and the bytes that are sent for it; then 200 people who look at a page every ten to
 * twenty seconds, and 50 tablets that record a rep every ten. Called by bench/load.
 */

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

[$base, $seconds] = [$argv[1], (float) $argv[2]];
mt_srand(17);
$in = static fn (string $role): Browser => (new Browser($base))->signIn("{$role}@cinder-quay.example");
[$head, $assistant, $student, $guardian] = array_map($in, ['head', 'assistant', 'student', 'guardian']);
$first = static fn (Browser $whose, string $path, string $pattern): string => preg_match(
    $pattern,
    $whose->get($path)->body,
    $found,
) === 1
    ? $found[1]
    : throw new RuntimeException("{$path} has nothing like {$pattern}");
$own = $first($student, '/', '#/people/(\d+)#');
$views = [
    'an empty page' => '/drill-lists',
    'the wall' => '/wall',
    'attacks' => '/attacks',
    'an attack' => '/attacks/'.$first($head, '/attacks', '#/attacks/(\d+)"#'),
    'answers' => '/answers',
    'an answer' => '/answers/'.$first($head, '/answers', '#/answers/(\d+)"#'),
    'people' => '/people',
    'a ladder' => '/people/'.$first($head, '/people', '#/people/(\d+)"#'),
    'the board' => '/board',
    'classes' => '/classes',
    'a class' => '/classes/'.$first($head, '/classes', '#/classes/(\d+)"#'),
    'evidence' => '/evidence',
    'settings' => '/school/settings',
    'the Mat' => '/mat',
    'its kit' => '/mat/kit',
];
$ofStudents = [
    'one’s own page' => "/people/{$own}/own",
    'one’s ladder' => "/people/{$own}",
    'at home' => "/people/{$own}/home",
];
$median = static function (array $all): float {
    sort($all);

    return $all[intdiv(count($all), 2)];
};

/**
 * @var callable(string, Browser, bool=): array{float, int, int, string} $alone milliseconds, bytes as they are sent,
 *     status, body
 */
$alone = static function (string $path, Browser $whose, bool $isPart = false): array {
    $line = $whose->prepared($path, isPart: $isPart);
    $body = (string) curl_exec($line);

    return [
        1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME),
        (int) curl_getinfo($line, CURLINFO_SIZE_DOWNLOAD_T),
        (int) curl_getinfo($line, CURLINFO_RESPONSE_CODE),
        $body,
    ];
};

/**
 * @var callable(string): array<string, string> $parts what a page asks for by itself, at once or where somebody scrolls
 *     to its end: addresses by what they are of
 */
$parts = static function (string $html): array {
    preg_match_all('#hx-get="([^"]+)"\s+hx-trigger="(?:load|intersect once)[",]#', $html, $found);
    $paths = array_map(
        static fn (string $part): string => (string) preg_replace('#^https?://[^/]+#', '', html_entity_decode($part)),
        $found[1],
    );

    return array_combine(
        array_map(
            static fn (string $path): string => (string) preg_replace(['#/\d+#', '#^/|\?.*#'], ['/…', ''], $path),
            $paths,
        ),
        $paths,
    );
};
$kit = json_decode($assistant->get('/mat/kit')->body, true);
$uuid = static fn (): string => preg_replace(
    '/^(.{8})(.{4})(.{3})(.{3})(.{12}).*$/',
    '$1-$2-4$3-8$4-$5',
    bin2hex(random_bytes(16)),
);
/** @var callable(?int): array<string, mixed> $rep of one student, or of anybody */
$rep = static function (?int $whose = null) use ($kit, $uuid): array {
    $person = $kit['students'][
        $whose === null
            ? array_rand($kit['students'])
            : array_search($whose, array_column($kit['students'], 'id'), true)
    ];
    $cell = $kit['cells'][($person['tickets'][array_rand($person['tickets'] ?: [0])] ?? ['cell' => 0])['cell']];

    return [
        'reps' => [
            [
                'id' => $uuid(),
                'by' => $kit['by'],
                'student_id' => $person['id'],
                'attack_id' => $cell['attack'],
                'side' => $cell['side'],
                'rung' => 2,
                'outcome' => 'clean',
                'at' => gmdate('Y-m-d\\TH:i:s\\Z'),
            ],
        ],
    ];
};
printf("%-18s %9s %8s %9s %8s %9s %9s\n", 'alone', 'again ms', '× empty', 'anew ms', '× empty', 'KB first', 'KB later');
$lone = $anew = [];
foreach (range(1, 9) as $turn) {
    foreach ([...$views, ...$ofStudents] as $name => $path) {
        curl_exec($assistant->prepared('/mat/reps', $rep((int) $own)));
        $whose = isset($ofStudents[$name]) ? $student : $head;
        [$anew[$name][]] = $alone($path, $whose);
        // What came is read by a job meanwhile.
        usleep($name === 'evidence' ? 700_000 : 0);
        // As a browser does: what the page asks for by itself is asked for, then it is opened again, and kept as it is
        // from then on.
        foreach ($parts($alone($path, $whose)[3]) as $of => $part) {
            [$anew[$of][]] = $alone($part, $whose, true);
            [$lone[$of][]] = $alone($part, $whose, true);
        }
        $alone($path, $whose);
        [$time, $bytes, $status, $body] = $alone($path, $whose);
        $status === 200 || throw new RuntimeException("{$path}: {$status}");
        $lone[$name][] = $time;
        $pages[$name] = [$bytes, $body];
    }
}
$sizes = [];
foreach ($lone as $name => $times) {
    [$lone[$name], $anew[$name]] = [$median($times), $median($anew[$name])];
    [$bytes, $body] = $pages[$name] ?? [0, ''];
    preg_match_all('#/build/[^"\'\s)]+#', $body, $assets);
    $whole = $bytes;
    foreach (array_unique($assets[0]) as $asset) {
        $sizes[$asset] ??= $alone($asset, $head);
        $whole += $sizes[$asset][1];
        // A font comes in parts: a browser asks for those that have a letter of the page.
        $faces = '#url\(([^)]+\.woff2)\)[^}]*?unicode-range:([^;}]+)#';
        preg_match_all($faces, $sizes[$asset][3], $fonts, PREG_SET_ORDER);
        foreach ($fonts as [, $font, $range]) {
            $letters = str_replace(['U+', ',', ' '], '', (string) preg_replace('/[0-9A-F]+/', '\x{$0}', $range));
            if (preg_match("/[{$letters}]/u", strip_tags($body)) === 1) {
                $sizes[$font] ??= $alone($font, $head);
                $whole += $sizes[$font][1];
            }
        }
    }
    printf(
        "%-18s %9.1f %8.2f %9.1f %8.2f %s\n",
        $name,
        $lone[$name],
        $lone[$name] / $lone['an empty page'],
        $anew[$name],
        $anew[$name] / $lone['an empty page'],
        $bytes === 0 ? '' : sprintf('%9.1f %9.1f', $whole / 1024, $bytes / 1024),
    );
}

// Everybody who learns has an account of their own, and so have all who teach: what is kept for one of them is not for
// another.
$app = require dirname(__DIR__).'/bootstrap/app.php';
$app->make(Kernel::class)->bootstrap();
$school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
$password = User::query()->where('email', 'head@cinder-quay.example')->value('password');
$account = static fn (Role $role, int $number, ?Student $student): User => User::query()->create([
    'school_id' => $school->id,
    'name' => "{$role->value} {$number}",
    'email' => "{$role->value}-{$number}@cinder-quay.example",
    'password' => $password,
    'role' => $role,
    'student_id' => $student?->id,
]);
$students = array_values(
    $school
        ->students()
        ->whereNotIn('id', User::query()->whereNotNull('student_id')->select('student_id'))
        ->get()
        ->all(),
);
/** @var list<array{Browser, int}> $learners with the id of the student */
$learners = [
    [$student, (int) $own],
    ...array_map(
        static fn (int $number, Student $one): array => [
            (new Browser($base))->signIn($account(Role::Student, $number, $one)->email),
            $one->id,
        ],
        array_keys($students),
        $students,
    ),
];
$heads = array_map(
    static fn (int $number): Browser => (new Browser($base))->signIn($account(Role::Head, $number, null)->email),
    range(1, 30),
);
$parents = array_map(static function (int $number) use ($account, $base, $students): Browser {
    $user = $account(Role::Guardian, $number, null);
    $user->entrust(
        array_map(
            static fn (Student $one): int => $one->id,
            array_slice($students, (2 * $number) % count($students), 2),
        ),
    );

    return (new Browser($base))->signIn($user->email);
}, range(1, 20));

// Each waits, asks, reads for a while, and asks again: whoever has not been answered asks nothing else. What a page
// asks for by itself comes on top, and everybody scrolls to its end.
$due = [];
foreach (range(1, 250) as $number) {
    $due[] = [
        microtime(true) + (20 * mt_rand()) / mt_getrandmax(),
        match (true) {
            $number <= 50 => 'tablet',
            $number <= 80 => 'head',
            $number <= 230 => 'student',
            default => 'guardian',
        },
        $number,
    ];
}
$multi = curl_multi_init();
$at = [];
$times = $errors = [];
$end = microtime(true) + $seconds;
$count = 0;
while (microtime(true) < $end || $at !== []) {
    foreach ($due as $place => [$when, $kind, $number]) {
        if ($when > microtime(true) || microtime(true) >= $end) {
            continue;
        }
        unset($due[$place]);
        $whose = match ($kind) {
            'student' => $learners[$number % count($learners)],
            'guardian' => [$parents[$number % count($parents)]],
            'tablet' => [$assistant],
            default => [$heads[$number % count($heads)]],
        };
        [$name, $line] = match ($kind) {
            'tablet' => mt_rand(0, 19) === 0
                ? ['its kit', $assistant->prepared('/mat/kit')]
                : ['a rep', $assistant->prepared('/mat/reps', $rep())],
            'student' => [
                ($name = array_rand($ofStudents)),
                $whose[0]->prepared(str_replace("/{$own}", "/{$whose[1]}", $ofStudents[$name])),
            ],
            'guardian' => ['children', $whose[0]->prepared('/children')],
            default => [
                ($name = array_rand(array_diff_key($views, ['its kit' => 0]))),
                $whose[0]->prepared($views[$name]),
            ],
        };
        curl_multi_add_handle($multi, $line);
        $at[spl_object_id($line)] = [$line, $kind, $name, $number, $whose[0]];
    }
    curl_multi_exec($multi, $running);
    while ($done = curl_multi_info_read($multi)) {
        [$line, $kind, $name, $number, $whose] = $at[spl_object_id($done['handle'])];
        unset($at[spl_object_id($line)]);
        foreach (isset($pages[$name]) ? $parts((string) curl_multi_getcontent($line)) : [] as $of => $part) {
            $one = $whose->prepared($part, isPart: true);
            curl_multi_add_handle($multi, $one);
            $at[spl_object_id($one)] = [$one, 'part', $of, $number, $whose];
        }
        $status = (int) curl_getinfo($line, CURLINFO_RESPONSE_CODE);
        $times[$name][] = 1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME);
        $kept
            = $name !== 'a rep' || count(json_decode((string) curl_multi_getcontent($line), true)['kept'] ?? []) === 1;
        ($status === 200 && $kept) || ($errors[] = "{$name}: {$status}");
        $count++;
        curl_multi_remove_handle($multi, $line);
        $kind === 'part'
            || ($due[] = [
                microtime(true) + ($kind === 'tablet' ? 10 : 10 + (10 * mt_rand()) / mt_getrandmax()),
                $kind,
                $number,
            ]);
    }
    curl_multi_select($multi, 0.02);
}
printf(
    "\n%d requests of 200 people and 50 tablets in %.0f s: %d errors %s\n",
    $count,
    $seconds,
    count($errors),
    implode(', ', array_unique($errors)),
);
$lone['a rep'] = $anew['a rep'] = $median(
    array_map(static function () use ($assistant, $rep): float {
        $line = $assistant->prepared('/mat/reps', $rep());
        curl_exec($line);

        return 1000 * curl_getinfo($line, CURLINFO_TOTAL_TIME);
    }, range(1, 15)),
);
$lone['children'] = $anew['children'] = $median(
    array_map(static fn (): float => $alone('/children', $guardian)[0], range(1, 9)),
);
printf("%-18s %6s %10s %10s %12s %12s\n", 'together', 'times', 'median ms', 'p95 ms', 'p95 × again', 'p95 × anew');
$ratios = ['again' => [], 'anew' => []];
ksort($times);
foreach ($times as $name => $all) {
    sort($all);
    $p95 = $all[(int) ceil(0.95 * count($all)) - 1];
    array_push($ratios['again'], ...array_map(static fn (float $time): float => $time / $lone[$name], $all));
    array_push($ratios['anew'], ...array_map(static fn (float $time): float => $time / $anew[$name], $all));
    printf(
        "%-18s %6d %10.1f %10.1f %12.1f %12.1f\n",
        $name,
        count($all),
        $median($all),
        $p95,
        $p95 / $lone[$name],
        $p95 / $anew[$name],
    );
}
foreach ($ratios as $of => $all) {
    sort($all);
    printf("all, × %s: 95 %% within %.1f\n", $of, $all[(int) ceil(0.95 * count($all)) - 1]);
}
exit($errors === [] ? 0 : 1);
