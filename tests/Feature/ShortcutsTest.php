<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;
use Symfony\Component\Finder\SplFileInfo;

beforeEach(function (): void {
    $views = implode(
        "\n",
        array_map(
            static fn (SplFileInfo $view): string => $view->getContents(),
            File::allFiles(resource_path('views')),
        ),
    );
    /** @return list<string> the keys that views name so, each as often as it is there */
    $this->keys = function (string $attribute) use ($views): array {
        preg_match_all('/\b'.$attribute.'="([^"{]+)"/', $views, $found);

        return $found[1];
    };
});

it('tells every key that a page answers to', function (): void {
    $told = array_map(
        static fn (int|string $keys): array => explode(' ', (string) $keys),
        array_keys((array) trans('layout.shortcuts')),
    );
    $keys = array_unique([...($this->keys)('data-key'), ...($this->keys)('key-name')]);

    expect(count($keys))->toBeGreaterThan(15)
        ->and(array_values(array_diff($keys, ...$told)))->toBe([]);
});

it('gives no part of a page a key that leads away from it', function (): void {
    // What only students and guardians have is on none of the pages of those who teach.
    $places = array_diff(($this->keys)('key-name'), ['h', 'l', 'o']);

    expect($places)->toContain('w', 'b', 'm')
        ->and(array_intersect(($this->keys)('data-key'), $places))->toBe([]);
});
