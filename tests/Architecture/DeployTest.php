<?php

declare(strict_types=1);

use Tests\Architecture\CommandsFixture;
use Tests\Support\Sources;

// What serves a school: commands, settings, units, and the papers that tell of them.

/** @return list<string> */
function deployed(string $pattern): array
{
    return array_map(
        static fn (string $path): string => substr($path, strlen(Sources::root()) + 1),
        array_values(array_filter(glob(Sources::root().'/'.$pattern) ?: [], is_file(...))),
    );
}

function textOf(string $path): string
{
    return (string) file_get_contents(Sources::root().'/'.$path);
}

it('has scripts that the shell can read and run', function (string $script): void {
    $shell = new Symfony\Component\Process\Process(['bash', '-n', Sources::root().'/'.$script]);
    $shell->run();

    expect($shell->getErrorOutput())->toBe('')->and(is_executable(Sources::root().'/'.$script))->toBeTrue();
})->with(
    array_values(
        array_filter(
            [...deployed('bin/*'), ...deployed('bench/*'), ...deployed('tests/Install/*'), 'deploy/stone-drill'],
            static fn (string $path): bool => ! str_contains(basename($path), '.'),
        ),
    ),
);

it('says how each command is called, strictly', function (string $script): void {
    expect(textOf($script))->toContain('set -euo pipefail')
        ->toMatch('/^# Usage: /m')
        ->toMatch('/\A#!\/usr\/bin\/env bash\n# [A-Z]/');
    foreach (['-h', '--help'] as $word) {
        $help = new Symfony\Component\Process\Process([Sources::root().'/'.$script, $word]);
        $help->run();
        expect($help->getExitCode())->toBe(0)
            ->and($help->getOutput())->toMatch('/^[A-Z].*\n(?:.*\n)*Usage: .*'.preg_quote(basename($script)).'/')
            ->not->toContain('#')
            ->and($help->getErrorOutput())->toBe('');
    }
})->with(
    array_values(
        array_filter(
            deployed('bin/*'),
            static fn (string $path): bool => ! str_contains(basename($path), '.')
                && basename($path) !== 'drill',
        ),
    ),
);

it('tells of each command in its papers', function (string $script): void {
    expect(textOf('README.md').textOf('docs/deployment.md').textOf('docs/runbook.md'))->toContain($script);
})->with(
    array_values(
        array_filter(deployed('bin/*'), static fn (string $path): bool => ! str_contains(basename($path), '.')),
    ),
);

it('tells of each script that attacks or measures a server', function (string $script): void {
    expect(
        textOf('README.md')
            .textOf('docs/scale.md')
            .textOf('docs/checks.md')
            .textOf('docs/queries.md')
            .textOf('docs/house.md'),
    )->toContain($script);
})->with(['bench/fuzz', 'bench/durability', 'bench/load', 'bench/share', 'bench/large', 'bench/reps']);

it('refuses a call that it does not understand, before it does anything', function (array $words, string $said): void {
    [$code, $output] = CommandsFixture::runScript(...$words);

    expect($code)->toBeGreaterThan(0)->and($output)->toContain($said);
})->with([
    'nothing to install for' => [['install'], 'say --domain NAME'],
    'both at once' => [
        ['install', '--lan', 'drill', '--domain', 'drill.example'],
        'either --domain or --lan, not both',
    ],
    'a name with a path' => [['install', '--domain', 'https://localhost/people'], 'is no name of a host'],
    'a name with a blank' => [['install', '--lan', 'drill hall'], 'is no name of a host'],
    'no name' => [['install', '--domain'], '--domain needs the name'],
    'a mail address that is none' => [
        ['install', '--domain', 'drill.example', '--email', 'head office'],
        'is no mail address',
    ],
    'an authority that is none' => [
        ['install', '--domain', 'drill.example', '--authority', 'authority.example'],
        'an ACME directory begins with https://',
    ],
    'an authority beside its own' => [
        ['install', '--lan', 'drill', '--authority', 'https://localhost/directory'],
        '--lan is an authority of its own',
    ],
    'a root that is none' => [
        ['install', '--domain', 'drill.example', '--trust', 'composer.json'],
        'composer.json holds no certificate',
    ],
    'an option that is none' => [['install', '--quietly'], 'unknown option --quietly'],
    'no file' => [['restore'], 'say which file'],
    'a file that is not there' => [
        ['restore', '/nowhere/of.drill-backup'],
        'there is no file /nowhere/of.drill-backup',
    ],
    'no moment' => [['rewind'], 'Usage: bin/rewind'],
    'another way to run a cluster' => [['cluster', '--forever'], 'unknown option --forever'],
]);

it('explains every setting, and reads every one that it explains', function (): void {
    preg_match_all('/^([A-Z][A-Z0-9_]+)=/m', textOf('.env.example'), $explained);
    $read = [];
    foreach ([...deployed('config/*.php'), 'bootstrap/app.php', ...deployed('bin/*')] as $path) {
        preg_match_all('/env\(\'([A-Z][A-Z0-9_]+)\'/', textOf($path), $found);
        array_push($read, ...$found[1]);
    }
    $framework = array_filter(
        $explained[1],
        static fn (string $name): bool => preg_match(
            '/^(APP|DB|SESSION|CACHE|QUEUE|LOG|MAIL|AWS|FILESYSTEM|BROADCAST|REDIS)_/',
            $name,
        ) === 1,
    );

    expect(array_values(array_diff($explained[1], $read, $framework)))->toBe([])
        ->and($explained[1])->toBe(array_values(array_unique($explained[1])));
    // Each has a line above it, or stands in a group that has.
    $lines = explode("\n", textOf('.env.example'));
    foreach ($lines as $number => $line) {
        if (preg_match('/^[A-Z]/', $line) === 1) {
            for ($above = $number - 1; $above >= 0 && preg_match('/^[A-Z]/', $lines[$above]) === 1; $above--);
            expect($lines[$above] ?? '')->toStartWith('#', "{$line} is explained");
        }
    }
});

it('holds no secret and no address of ours in what it ships', function (string $path): void {
    preg_match_all('/^([A-Z_]*(?:KEY|PASSWORD|TOKEN|SECRET)[A-Z_]*)=(.+)$/m', textOf($path), $set);

    expect(array_filter($set[2], static fn (string $value): bool => preg_match('/^[@$"]/', $value) !== 1))->toBe([]);
})->with(['.env.example', ...deployed('deploy/*'), ...deployed('deploy/*/*')]);

it('runs what serves as nobody who could write its code', function (string $unit): void {
    $text = textOf($unit);

    expect($text)->toMatch('/^User=(stone-drill|postgres)$/m')
        ->not->toContain('User=root')
        ->and(
            preg_match('/^User=stone-drill$/m', $text) === 0
                || (str_contains($text, 'NoNewPrivileges=yes')
                    && str_contains($text, 'ProtectSystem=strict')
                    && preg_match('/^ReadWritePaths=(?!.*\/opt)/m', $text) === 1),
        )
        ->toBeTrue();
})->with(array_values(array_filter(deployed('deploy/systemd/*.service'))));

it('has a unit for each name that its commands know', function (): void {
    preg_match('/^UNITS="([^"]+)"$/m', textOf('bin/service.sh'), $units);
    foreach (explode(' ', $units[1]) as $unit) {
        expect(Sources::root()."/deploy/systemd/{$unit}.service")->toBeFile()
            ->and(textOf('deploy/systemd/stone-drill.target'))->toContain("{$unit}.service");
    }
    preg_match('/^PARTS="([^"]+)"$/m', textOf('bin/ground.sh'), $parts);
    foreach (explode(' ', $parts[1]) as $part) {
        expect(file_exists(Sources::root()."/{$part}"))->toBeTrue("{$part} is part of a release");
    }
});

it('runs worker and web alike compiled', function (): void {
    expect(textOf('deploy/systemd/stone-drill-php.service'))
        ->toContain('Environment=PHP_INI_SCAN_DIR=:/opt/stone-drill/current/deploy/compiled')
        ->and(textOf('deploy/systemd/stone-drill-queue.service'))
        ->toContain('Environment=PHP_INI_SCAN_DIR=:/opt/stone-drill/current/deploy/compiled')
        ->and(substr_count(textOf('bin/ground.sh'), 'as_group "$1" "${compiled[@]}" '))->toBe(2);
});

it('looks at the files of a release once, and at those of somebody who edits them again', function (): void {
    expect(textOf('deploy/systemd/stone-drill-php.service'))->toContain('opcache.validate_timestamps=0')
        ->and(textOf('bin/ground.sh'))->toContain('opcache.validate_timestamps="${IN_WORK:-0}"')
        ->and(textOf('bin/start'))->toContain("\nIN_WORK=1\nserve ");
});

it('lists its decisions, each once, in their order', function (): void {
    preg_match_all('/\]\((\d\d-[a-z-]+\.md)\)/', textOf('docs/decisions/README.md'), $listed);
    $there = array_map(
        basename(...),
        array_filter(
            deployed('docs/decisions/*.md'),
            static fn (string $path): bool => basename($path) !== 'README.md',
        ),
    );

    expect($listed[1])->toBe(array_values($there))
        ->and(array_map(static fn (string $name): int => (int) $name, $listed[1]))->toBe(range(1, count($listed[1])));
});

it('keeps fewer than twenty pictures, each shown in the readme', function (): void {
    $pictures = array_map(basename(...), deployed('docs/screenshots/*'));
    expect(count($pictures))->toBeGreaterThan(5)->toBeLessThan(20);
    foreach ($pictures as $picture) {
        expect(textOf('README.md'))->toContain("docs/screenshots/{$picture}");
    }
});

it('can take each migration back, or an upgrade that fails could not be', function (string $migration): void {
    expect(textOf($migration))->toContain('function down(): void');
})->with(deployed('database/migrations/*.php'));
