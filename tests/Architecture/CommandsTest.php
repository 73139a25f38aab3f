<?php

declare(strict_types=1);

use Symfony\Component\Process\Process;
use Tests\Architecture\CommandsFixture;

it('says what is wrong with a call, and does nothing', function (array $words, string $said): void {
    [$code, $output] = CommandsFixture::runScript(...$words);

    expect($code)->toBeGreaterThan(0)->and($output)->toContain($said);
})->with([
    'a port that is none' => [['start', '--port', 'abc'], '“abc” is no port'],
    'a port too high' => [['start', '--port=70000'], '“70000” is no port'],
    'no port' => [['start', '--port'], '--port needs a number'],
    'an option of ours that is none' => [['start', '--quick'], 'unknown option --quick'],
    'a part that is none' => [['test', '--only', 'luck'], 'core, architecture, feature or browser'],
]);

it('says that a port is taken, and which to try', function (): void {
    $socket = stream_socket_server('tcp://127.0.0.1:0');
    $port = (int) substr((string) strrchr((string) stream_socket_get_name($socket, false), ':'), 1);
    [$code, $output] = CommandsFixture::runScript('start', '--port', (string) $port);
    fclose($socket);

    expect($code)->toBe(1)
        ->and($output)->toContain("port {$port} is taken")
        ->toContain('start with --port '.($port + 1));
});

it('runs the core from any folder', function (): void {
    $root = dirname(__DIR__, 2);
    $process = new Process(
        ['bash', $root.'/bin/drill', 'coverage', 'tests/fixtures/small.yaml', '--strict', '--json'],
        $root,
    );
    $process->run();

    expect($process->getExitCode())->toBe(1)
        ->and(array_column(array_slice(json_decode($process->getOutput(), true)['holes'], 0, 2), 'kind'))
        ->toBe(['open', 'one-sided'])
        ->and($process->getErrorOutput())->toBe('');

    $elsewhere = new Process(['bash', $root.'/bin/drill', 'coverage', 'nowhere.yaml'], sys_get_temp_dir());
    $elsewhere->run();
    expect($elsewhere->getExitCode())->toBe(2)
        ->and($elsewhere->getErrorOutput())->toContain('nowhere.yaml: there is no file here');
});

it('starts every script strictly', function (string $script): void {
    expect((string) file_get_contents(dirname(__DIR__, 2).'/'.$script))->toContain('set -euo pipefail');
})->with(['bin/start', 'bin/test', 'bin/drill', '.ci/run']);

it('links in its papers only to what is there', function (string $paper): void {
    $path = dirname(__DIR__, 2).'/'.$paper;
    preg_match_all('/\]\(([^)#:\s]+)/', (string) file_get_contents($path), $links);
    $missing = array_filter($links[1], fn (string $link): bool => ! file_exists(dirname($path).'/'.$link));

    expect($missing)->toBe([]);
})->with([
    'README.md',
    'CHANGELOG.md',
    'packages/standins/README.md',
    ...array_map(static fn (string $path): string => substr($path, strlen(dirname(__DIR__, 2)) + 1), [
        ...glob(dirname(__DIR__, 2).'/docs/*.md') ?: [],
        ...glob(dirname(__DIR__, 2).'/docs/decisions/*.md') ?: [],
    ]),
]);

it('names every word of the notation in its papers', function (string $enum): void {
    $paper = (string) file_get_contents(dirname(__DIR__, 2).'/docs/file-format.md');
    foreach ($enum::cases() as $case) {
        expect($paper)->toContain(str_replace(' kick', '', $case->value));
    }
})->with([
    StoneDrill\Core\Technique\Verb::class,
    StoneDrill\Core\Technique\Strike::class,
    StoneDrill\Core\Technique\Effect::class,
]);

it('pins what it is built on', function (): void {
    $composer = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/composer.json'), true);
    $packages = array_filter(
        [...$composer['require'], ...$composer['require-dev']],
        fn (string $name): bool => str_contains($name, '/'),
        ARRAY_FILTER_USE_KEY,
    );
    foreach ($packages as $name => $version) {
        expect($version)->toMatch('/^(\d+\.\d+\.\d+)( - \1)?$/', $name);
    }
    $npm = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/package.json'), true);
    foreach ([...$npm['dependencies'], ...$npm['devDependencies']] as $name => $version) {
        expect($version)->toMatch('/^\d+\.\d+\.\d+$/', $name);
    }
    expect((string) file_get_contents(dirname(__DIR__, 2).'/package-lock.json'))->not->toContain('"resolved"');
});
