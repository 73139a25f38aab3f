<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\UnreadableCatalogue;
use Tests\Support\English;

// What is made to exhaust the reader is refused before it can, with the limit it goes beyond.
it('refuses what costs more to read than it may', function (Closure $text, Format $format, string $why): void {
    $content = $text();
    memory_reset_peak_usage();
    $before = memory_get_usage();
    $problems = [];
    try {
        (new CatalogueReader())->read($content, $format);
    } catch (UnreadableCatalogue $unreadable) {
        $problems = $unreadable->problems;
    }

    expect($problems)->not->toBe([])
        ->and(English::say($problems[0]->found).' '.English::say($problems[0]->expected))->toContain($why)
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(500_000_000);
})->with([
    '16 MB of short lines at many levels' => [
        fn (): string => implode('', array_map(fn (int $n): string => str_repeat(' ', $n)."a:\n", range(0, 20)))
            .str_repeat(str_repeat(' ', 21)."- x\n", 640_000),
        Format::Yaml,
        'at most 3,000,000. Indent less',
    ],
    '16 MB of dashes' => [fn (): string => str_repeat('- ', 8_000_000), Format::Yaml, 'nested very deeply'],
    '16 MB of dashes, six a line' => [
        fn (): string => str_repeat("- - - - - - a\n", 1_150_000),
        Format::Yaml,
        'at most 4,000,000',
    ],
    '16 MB of commas' => [
        fn (): string => 'a: ['.str_repeat('a,', 8_000_000).'a]',
        Format::Yaml,
        'at most 4,000,000',
    ],
    'aliases of aliases' => [
        fn (): string => "a0: &a0 [x,x]\n"
            .implode(
                '',
                array_map(
                    fn (int $n): string => "a{$n}: &a{$n} [".implode(',', array_fill(0, 9, '*a'.($n - 1)))."]\n",
                    range(1, 25),
                ),
            ),
        Format::Yaml,
        'at most 200. Write every value out.',
    ],
    'merged aliases' => [
        fn (): string => "a: &a {x: 1}\n".str_repeat("b: {<<: *a}\n", 300),
        Format::Yaml,
        'anchors and aliases',
    ],
    '16 MB of empty lists' => [
        fn (): string => '{"a":['.str_repeat('[],', 5_000_000).'1]}',
        Format::Json,
        'at most 800,000',
    ],
    '16 MB of numbers' => [
        fn (): string => '{"a":['.str_repeat('1,', 8_000_000).'1]}',
        Format::Json,
        'at most 6,000,000',
    ],
    'more than any file may have' => [
        fn (): string => str_repeat(' ', 64_000_001),
        Format::Json,
        'a file of at most 64 MB',
    ],
    'no JSON, and no YAML either' => [
        fn (): string => '{"a":['.str_repeat('1,', 7_900_000),
        Format::Json,
        'at most 6,000,000',
    ],
]);

it('reads anchors and aliases where there are few', function (): void {
    $text = (string) file_get_contents(dirname(__DIR__, 2).'/fixtures/small.yaml');
    $catalogue = (new CatalogueReader())->read(
        str_replace('doctrine: escape', 'doctrine: &d escape', $text),
        Format::Yaml,
    )->catalogue;

    expect($catalogue->school->doctrine->value)->toBe('escape');
});
