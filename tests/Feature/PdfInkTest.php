<?php

declare(strict_types=1);

namespace Tests\Feature;

use Illuminate\Support\Facades\Http;
use Symfony\Component\Process\Process;
use Tests\Support\Sources;

it('writes every PDF in ink that can be seen, however many one process has made', function (): void {
    $listener = stream_socket_server('tcp://127.0.0.1:0');
    $address = stream_socket_get_name($listener, false);
    fclose($listener);
    // As PHP serves, but for who answers.
    $server = new Process(
        [PHP_BINARY, '-S', $address, Sources::root().'/tests/fixtures/pdf-server.php'],
        Sources::root(),
        ['PHP_INI_SCAN_DIR' => ':deploy/compiled'],
    );
    $server->start();
    try {
        $inks = array_map(
            static fn (): string => Http::retry(40, 100, throw: false)->get("http://{$address}/")->body(),
            range(1, 9),
        );
    } finally {
        $server->stop();
    }

    // #23292c in shares of 255.
    expect($inks)->toBe(array_fill(0, 9, '0.137 0.161 0.173 rg'));
});
