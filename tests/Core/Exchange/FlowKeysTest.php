<?php

declare(strict_types=1);

use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Exchange\Reading\FlowKeys;
use StoneDrill\Core\Exchange\UnreadableCatalogue;

it('finds a key of several words without quotes in braces', function (string $text, ?array $found): void {
    expect(FlowKeys::unquoted($text))->toBe($found);
})->with([
    'after the brace' => ["a: {wide hand: backhand}\n", ['wide hand', 1, 5]],
    'after a comma, on a later line' => ["a: {palm: x,\n  wide hand : backhand}\n", ['wide hand', 2, 3]],
    'in a map within' => ['school: {aliases: {strikes: {wide hand: backhand}}}', ['wide hand', 1, 30]],
    'with letters of two bytes before it' => ['é: {größe: 1, ein Wort: x}', ['ein Wort', 1, 15]],
    'quoted' => ['a: {"wide hand": backhand, \'low hand\': palm}', null],
    'a value of several words' => ['a: {hand: wide hand, b: two words}', null],
    'in a list' => ['a: [one two, three four: five]', null],
    'in a quoted text' => ['a: "{wide hand: backhand}"', null],
    'in a comment' => ["a: 1 # {wide hand: backhand}\n", null],
    'in a block of text' => ["beats: |\n  say \"x\"   # {wide hand: b, c d: e}\n\n  look\nb: {c: d}\n", null],
    'after a block of text' => ["beats: |\n  look\nb: {c d: e}\n", ['c d', 3, 5]],
    'in a block key' => ["wide hand: backhand\nother, low hand: palm\n", null],
    'a time' => ['a: {at: 2026-01-01 10:00:00}', null],
]);

it('tells of it by line and column, and cuts nothing in silence', function (): void {
    $text
        = "format: stone-drill/1\nschool: {name: X, doctrine: escape, aliases: {strikes: {wide hand: backhand}}}\nranks: []\n";
    try {
        (new CatalogueReader())->read($text, Format::Yaml);
        $problem = null;
    } catch (UnreadableCatalogue $exception) {
        $problem = $exception->problems[0];
    }

    expect([$problem?->line, $problem?->column, $problem?->expected->key])->toBe([2, 57, 'file.quoted-key']);
});
