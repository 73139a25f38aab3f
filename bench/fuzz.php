<?php

declare(strict_types=1);

use Bench\Browser;
use Tests\Fuzz\Files;
use Tests\Fuzz\Requests;

// Called by bench/fuzz: the requests and files of tests/Fuzz in large, against a server with its demo.

require dirname(__DIR__).'/vendor/autoload.php';
require __DIR__.'/Browser.php';
require __DIR__.'/Answer.php';

$base = $argv[1];
$options = getopt('', ['requests:', 'files:', 'seed:'], $rest) + ['requests' => 10_000, 'files' => 1_000, 'seed' => 1];
foreach (array_slice($argv, 2) as $word) {
    if (preg_match('/^--(requests|files|seed)=(\d+)$/', $word, $part) === 1) {
        $options[$part[1]] = (int) $part[2];
    }
}
$browser = (new Browser($base))->signIn('head@cinder-quay.example');
$first = static function (string $path, string $pattern) use ($browser): string {
    return preg_match($pattern, $browser->get($path)->body, $found) === 1
        ? $found[1]
        : throw new RuntimeException("{$path} has nothing like {$pattern}");
};
$student = (int) $first('/people', '#/people/(\d+)"#');
$ids = [
    'attack' => (int) $first('/attacks', '#/attacks/(\d+)"#'),
    'other' => 1,
    'answer' => (int) $first('/answers', '#/answers/(\d+)"#'),
    'student' => $student,
    'rank' => (int) $first('/school', '#/school/ranks/(\d+)"#'),
    'rung' => (int) $first('/school', '#/school/rungs/(\d+)"#'),
    'list' => null,
    'rep' => $first("/people/{$student}/log", '#/reps/([0-9a-f-]{36})/correct#'),
];
$statuses = $broken = [];
$slowest = ['', 0.0];
$judge = static function (Bench\Answer $answer, string $what) use (&$statuses, &$broken, &$slowest): void {
    $statuses[$answer->status] = ($statuses[$answer->status] ?? 0) + 1;
    if ($answer->status >= 500 || $answer->status === 0) {
        $broken[] = "{$answer->status} in ".round($answer->seconds, 1)." s: {$what}";
    }
    if ($answer->seconds > $slowest[1]) {
        $slowest = [$what, $answer->seconds];
    }
};
$sent = 0;
$began = microtime(true);
foreach (
    (new Requests($ids, (int) $options['seed']))->take((int) $options['requests']) as [$method, $path, $fields, $isJson]
) {
    // Whoever is signed out by a request is told, and signs in again.
    if (++$sent % 50 === 0 && str_contains($browser->get('/school')->body, 'name="password"')) {
        $broken[] = "signed out by one of the fifty requests before: {$method} {$path}";
        $browser->signIn('head@cinder-quay.example');
    }
    $judge(
        $method === 'GET' ? $browser->get($path) : $browser->send($method, $path, $fields, $isJson),
        "{$method} {$path} ".mb_strimwidth((string) json_encode($fields, JSON_INVALID_UTF8_SUBSTITUTE), 0, 400),
    );
}
printf("%d requests in %.0f s\n", $options['requests'], microtime(true) - $began);
$browser->signIn('head@cinder-quay.example');
$began = microtime(true);
foreach (
    (new Files(
        (string) file_get_contents(dirname(__DIR__).'/tests/fixtures/small.yaml'),
        (int) $options['seed'],
    ))->take((int) $options['files']) as [$name, $content]
) {
    $judge(
        $browser->upload(str_ends_with($name, '.csv') ? '/people/reps/check' : '/school/import', $name, $content),
        $name.' '.mb_strimwidth(bin2hex($content), 0, 300),
    );
}
printf("%d files in %.0f s\n", $options['files'], microtime(true) - $began);
ksort($statuses);
printf(
    "statuses: %s\nslowest: %.2f s: %s\nbroken: %d\n%s\n",
    json_encode($statuses),
    $slowest[1],
    mb_strimwidth($slowest[0], 0, 200),
    count($broken),
    implode(
        "\n",
        array_map(static fn (string $one): string => mb_strimwidth($one, 0, 300), array_slice($broken, 0, 20)),
    ),
);
exit($broken === [] && $slowest[1] < 5 ? 0 : 1);
