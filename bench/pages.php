<?php

declare(strict_types=1);

/*
 * What the wall costs on the server beside an empty page of the same application, in turns, since machines differ.
 * Start the application with its demo first.
 *
 *   bin/start &
 *   php bench/pages.php [http://127.0.0.1:8080]
 */

$base = $argv[1] ?? 'http://127.0.0.1:8080';
$client = curl_init();
$jar = tempnam(sys_get_temp_dir(), 'jar');
curl_setopt_array($client, [
    CURLOPT_RETURNTRANSFER => true,
    CURLOPT_COOKIEFILE => $jar,
    CURLOPT_COOKIEJAR => $jar,
    CURLOPT_FOLLOWLOCATION => true,
    CURLOPT_HTTPHEADER => ['Cache-Control: no-cache'],
]);

/** @return array{string, float} the page, and the milliseconds until its first byte */
$get = static function (string $path, array $fields = []) use ($client, $base): array {
    curl_setopt_array($client, [
        CURLOPT_URL => $base.$path,
        CURLOPT_POST => $fields !== [],
        CURLOPT_HTTPGET => $fields === [],
    ]);
    if ($fields !== []) {
        curl_setopt($client, CURLOPT_POSTFIELDS, http_build_query($fields));
    }
    $page = curl_exec($client);

    return is_string($page)
        ? [$page, 1000 * curl_getinfo($client, CURLINFO_STARTTRANSFER_TIME)]
        : throw new RuntimeException("{$base} does not answer; start it with bin/start");
};

preg_match('/name="_token" value="([^"]+)"/', $get('/sign-in')[0], $token);
$get('/sign-in', ['_token' => $token[1] ?? '', 'email' => 'head@cinder-quay.example', 'password' => 'saltmarsh']);

$pages = [
    'an empty page' => '/drill-lists',
    'the wall' => '/wall',
    'the wall as a table' => '/wall?form=table',
    'what each rank asks' => '/wall/ranks',
    'a cross-table' => '/wall/cross',
];
$get('/wall/holes');
$times = [];
foreach (range(1, 25) as $turn) {
    foreach ($pages as $name => $path) {
        [$page, $time] = $get($path);
        str_contains($page, 'Sign out') || throw new RuntimeException("not signed in");
        $times[$name][] = $time;
    }
}
foreach ($times as $name => $all) {
    sort($all);
    $middle = $all[intdiv(count($all), 2)];
    $empty ??= $middle;
    printf(
        "%-22s %6.1f ms in the middle of %d   %.2f × an empty page\n",
        $name,
        $middle,
        count($all),
        $middle / $empty,
    );
}
