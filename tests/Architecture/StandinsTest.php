<?php

declare(strict_types=1);

use Tests\Architecture\StandinsFixture;

it('stands in for every function of PHP 8.5 that the framework calls', function (): void {
    $new = [
        'array_first', 'array_last', 'get_error_handler', 'get_exception_handler', 'locale_is_right_to_left',
        'grapheme_levenshtein',
    ];
    foreach (StandinsFixture::sources('laravel/framework/src/Illuminate') as $path => $source) {
        foreach ($new as $function) {
            if (
                preg_match("/(?<![>:\\w$])(?<!function ){$function}\\(/", $source) === 1
                && ! str_contains($source, "function_exists('{$function}')")
            ) {
                expect(function_exists($function))->toBeTrue("{$path} calls {$function}()");
            }
        }
    }
});

it('stands in for everything of symfony/clock that Carbon names', function (): void {
    foreach (StandinsFixture::sources('nesbot/carbon/src') as $source) {
        preg_match_all('/Symfony\\\\Component\\\\Clock\\\\(\w+)/', $source, $names);
        foreach ($names[1] as $name) {
            expect(
                class_exists('Symfony\\Component\\Clock\\'.$name)
                    || interface_exists('Symfony\\Component\\Clock\\'.$name),
            )->toBeTrue($name);
        }
    }
});

it('gives the first and the last of an array', function (): void {
    expect(array_first([3 => 'a', 1 => 'b']))->toBe('a')
        ->and(array_last([3 => 'a', 1 => 'b']))->toBe('b')
        ->and(array_first([]))->toBeNull()
        ->and(array_last([]))->toBeNull();
});

it('tells the time', function (): void {
    $clock = new Symfony\Component\Clock\NativeClock('UTC');

    expect(abs($clock->now()->getTimestamp() - time()))->toBeLessThan(2)
        ->and($clock->withTimeZone('Asia/Tokyo')->now()->getTimezone()->getName())->toBe('Asia/Tokyo');
});

it('leaves out the one middleware that needs a package that is not there', function (): void {
    expect((string) file_get_contents(dirname(__DIR__, 2).'/bootstrap/app.php'))->toContain(
        'remove(HandleCors::class)',
    );
});
