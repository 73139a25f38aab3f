<?php

declare(strict_types=1);

arch('the core knows no framework')->expect('StoneDrill\Core')->not->toUse(['Illuminate', 'Laravel', 'App', 'Carbon', 'Symfony\Component\HttpFoundation', 'Symfony\Component\Console']);

arch('the core asks for nothing: it is told the time, and reads no file')->expect('StoneDrill\Core')->not->toUse(['time', 'microtime', 'date', 'rand', 'mt_rand', 'random_int', 'file_get_contents', 'file_put_contents', 'fopen', 'getenv', 'env', 'app', 'config']);

arch('the core is strict')->expect('StoneDrill\Core')->toUseStrictTypes();

arch('so is the application')->expect('App')->toUseStrictTypes();

arch('values of the core are final')->expect('StoneDrill\Core')->classes()->toBeFinal();

arch('models hold no rules of the job')->expect('App\Models')->not->toUse(['StoneDrill\Core\Coverage', 'StoneDrill\Core\Answer', 'StoneDrill\Core\Attack', 'StoneDrill\Core\Pressure', 'StoneDrill\Core\Catalogue']);

arch('only the mapper and the importer join rows and core values')
    ->expect('StoneDrill\Core\Curriculum\Answer')->toOnlyBeUsedIn(['StoneDrill\Core', 'App\Catalogue', 'App\View\Workbench\AnswerFacts', 'App\View\Workbench\Bench', 'App\View\Drill\Kit', 'App\Console\Drill', 'Tests']);

arch('controllers are not called by others')->expect('App\Http\Controllers')->toOnlyBeUsedIn(['App\Http\Controllers']);

arch('the command line needs neither web nor database')->expect('App\Console\Drill')->not->toUse(['Illuminate', 'App\Models', 'App\Http']);

arch('nothing is left that was put in to look')->expect(['dd', 'dump', 'ray', 'var_dump', 'print_r', 'die'])->not->toBeUsed();

arch('no drawers for everything')->expect(['App', 'StoneDrill\Core'])->not->toHaveSuffix('Helper')->not->toHaveSuffix('Manager')->not->toHaveSuffix('Util');

arch('models belong to a school or sign in to one')->expect('App\Models')->classes()->toBeFinal();

it('lets no view compute', function (string $path): void {
    $view = (string) file_get_contents($path);

    expect($view)->not->toMatch('/DB::|::query\(|->where\(|->get\(\)|Coverage::of|new Prover/', basename($path));
})->with(fn (): array => array_map(fn (SplFileInfo $file): array => [$file->getPathname()], iterator_to_array(new CallbackFilterIterator(
    new RecursiveIteratorIterator(new RecursiveDirectoryIterator(dirname(__DIR__, 2).'/resources/views', FilesystemIterator::SKIP_DOTS)),
    fn (SplFileInfo $file): bool => str_ends_with($file->getFilename(), '.blade.php'),
), false)));

it('writes no script or style into a page', function (string $path): void {
    expect((string) file_get_contents($path))->not->toMatch('/<script|<style|\sstyle="|\son[a-z]+="|hx-on|javascript:/i', basename($path));
})->with(fn (): array => array_map(fn (string $path): array => [$path], glob(dirname(__DIR__, 2).'/resources/views/{,*/,*/*/}*.blade.php', GLOB_BRACE) ?: []));
