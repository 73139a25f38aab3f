<?php

declare(strict_types=1);

use Tests\Support\Sources;

arch('the core knows no framework')
    ->expect('StoneDrill\Core')
    ->not->toUse([
        'Illuminate', 'Laravel', 'App', 'Carbon', 'Symfony\Component\HttpFoundation', 'Symfony\Component\Console',
    ]);

arch('the core asks for nothing: it is told the time, and reads no file')
    ->expect('StoneDrill\Core')
    ->not->toUse([
        'time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'file_put_contents', 'fopen',
        'getenv', 'env', 'app', 'config',
    ]);

arch('the core is strict')->expect('StoneDrill\Core')->toUseStrictTypes();

arch('so is the application')->expect('App')->toUseStrictTypes();

arch('values of the core are final')->expect('StoneDrill\Core')->classes()->toBeFinal();

arch('models hold no rules of the job')
    ->expect('App\Models')
    ->not->toUse([
        'StoneDrill\Core\Floor', 'StoneDrill\Core\Checks', 'StoneDrill\Core\Coverage', 'StoneDrill\Core\Drill',
        'StoneDrill\Core\Exchange', 'StoneDrill\Core\Report',
    ]);

arch('only the mapper and the importer join rows and core values')
    ->expect('StoneDrill\Core\Curriculum\Answer')
    ->toOnlyBeUsedIn([
        'StoneDrill\Core', 'App\Persistence', 'App\Actions\ImportCatalogue', 'App\View\Workbench', 'App\View\Drill\Kit',
        'App\Console\Drill', 'Tests',
    ]);

arch('controllers are not called by others')
    ->expect('App\Http\Controllers')->toOnlyBeUsedIn(['App\Http\Controllers']);

arch('the command line needs neither web nor database')
    ->expect('App\Console\Drill')->not->toUse(['Illuminate', 'App\Models', 'App\Http']);

arch('nothing is left that was put in to look')
    ->expect(['dd', 'dump', 'ray', 'var_dump', 'print_r', 'die'])->not->toBeUsed();

arch('no drawers for everything')
    ->expect(['App', 'StoneDrill\Core'])->not->toHaveSuffix('Helper')
    ->not->toHaveSuffix('Manager')
    ->not->toHaveSuffix('Util');

arch('models belong to a school or sign in to one')->expect('App\Models')->classes()->toBeFinal();

it('lets no view compute', function (string $path): void {
    $view = (string) file_get_contents($path);

    expect($view)->not->toMatch('/DB::|::query\(|->where\(|->get\(\)|Coverage::of|new Prover/', basename($path));
})->with(
    fn (): array => array_map(
        fn (SplFileInfo $file): array => [$file->getPathname()],
        iterator_to_array(
            new CallbackFilterIterator(
                new RecursiveIteratorIterator(
                    new RecursiveDirectoryIterator(
                        dirname(__DIR__, 2).'/resources/views',
                        FilesystemIterator::SKIP_DOTS,
                    ),
                ),
                fn (SplFileInfo $file): bool => str_ends_with($file->getFilename(), '.blade.php'),
            ),
            false,
        ),
    ),
);

it('writes no script or style into a page', function (string $path): void {
    expect((string) file_get_contents($path))->not->toMatch(
        '/<script(?! type="application\/json")|<style|\sstyle="|\son[a-z]+="|hx-on|javascript:/i',
        basename($path),
    );
})->with(
    fn (): array => array_map(
        fn (string $path): array => [$path],
        glob(dirname(__DIR__, 2).'/resources/views/{,*/,*/*/}*.blade.php', GLOB_BRACE) ?: [],
    ),
);

it('keeps the lines of a view short', function (string $path): void {
    $long = array_filter(
        explode("\n", (string) file_get_contents(Sources::root().'/'.$path)),
        static fn (string $line): bool => mb_strlen($line) > 140,
    );

    expect($long)->toBe([], $path);
})->with(fn (): array => array_map(static fn (string $path): array => [$path], array_keys(Sources::blade())));

it('works nothing out in a view', function (string $path): void {
    // What is echoed or decided: no arithmetic with values, no dates moved, no constants of controllers and requests.
    preg_match_all(
        '/\{\{(.*?)\}\}|@(?:if|elseif|foreach|php|class)\s*(\((?:[^()]++|(?2))*\))|\s:[\w-]+="([^"]*)"/s',
        (string) file_get_contents(Sources::root().'/'.$path),
        $found,
    );
    $code = preg_replace("/'[^']*'/", "''", implode("\n", [...$found[1], ...$found[2], ...$found[3]]));

    expect($code)->not->toMatch(
        '/->(?:add|sub)[A-Z]\w+\(|App\\\\Http|[\w\])]\s[*\/%]\s[\w$(]|\$\w[\w>\[\]\'-]*\s[+-]\s\d|\bround\(|\bmax\(|\bmin\(/',
        $path,
    );
})->with(fn (): array => array_map(static fn (string $path): array => [$path], array_keys(Sources::blade())));

it('writes one thing in a line of Sass, after saying what a file of it is for', function (string $path): void {
    $sass = (string) file_get_contents(Sources::root().'/'.$path);
    $code = (string) preg_replace('/\/\/.*$/m', '', $sass);

    expect(array_filter(explode("\n", $sass), static fn (string $line): bool => mb_strlen($line) > 120))->toBe([])
        ->and($code)->not->toMatch('/(?:;|(?<!#)\{) *[^\s})]/')
        ->and($sass)->toStartWith('// ');
})->with(
    fn (): array => array_map(
        static fn (string $path): array => [$path],
        Sources::paths('resources/sass', '.scss'),
    ),
);

it('names every colour and every size once', function (string $path): void {
    $sass = (string) preg_replace('/\/\/.*$/m', '', (string) file_get_contents(Sources::root().'/'.$path));

    expect($sass)->not->toMatch(
        '/[\s:,(]#[0-9a-f]{3,8}\b(?=[;,)\s])|(?<![\w$-])\d*\.?\d+(?:rem|px|em|vh|vw)\b/i',
        $path,
    );
})->with(
    fn (): array => array_map(
        static fn (string $path): array => [$path],
        array_values(
            array_diff(Sources::paths('resources/sass', '.scss'), [
                'resources/sass/_palette.scss',
                'resources/sass/_sizes.scss',
                'resources/sass/app.scss',
            ]),
        ),
    ),
);

it('keeps the lines of code short, but for a text that is long by itself', function (string $path): void {
    $code = (string) file_get_contents(Sources::root().'/'.$path);
    $long = array_filter(explode("\n", $code), static fn (string $line): bool => mb_strlen($line) > 120);
    $lines = array_fill_keys(array_map(static fn (int $place): int => $place + 1, array_keys($long)), true);
    // Letters of texts that stand in a line, by its number.
    $texts = [];
    foreach ($lines === [] ? [] : PhpToken::tokenize($code) as $token) {
        if ($token->is([T_CONSTANT_ENCAPSED_STRING, T_ENCAPSED_AND_WHITESPACE, T_INLINE_HTML])) {
            foreach (explode("\n", $token->text) as $further => $text) {
                $number = $token->line + $further;
                $texts[$number] = ($texts[$number] ?? 0) + mb_strlen($text);
            }
        }
    }
    $left = array_filter(array_keys($lines), static fn (int $number): bool => ($texts[$number] ?? 0) < 50);

    expect($left)->toBe([], $path);
})->with(
    fn (): array => array_map(
        static fn (string $path): array => [$path],
        array_merge(...array_map(
            static fn (string $folder): array => Sources::paths($folder, '.php'),
            ['app', 'bench', 'config', 'core', 'database', 'routes', 'tests'],
        )),
    ),
);
