<?php

declare(strict_types=1);

use Tests\Support\Sources;
use Tests\Support\Words;

it('finds the words of every key', function (): void {
    $known = Words::keys();
    $missing = [];
    foreach ([...Sources::php('app'), ...Sources::php('core'), ...Sources::blade()] as $path => $code) {
        foreach (Words::used($code) as $key => $isWhole) {
            $isThere = $isWhole ? isset($known[$key]) : Words::begins($known, $key);
            if (! $isThere && ! Words::isOther($key)) {
                $missing[] = "{$path}: {$key}";
            }
        }
    }

    expect($missing)->toBe([]);
});

it('says in its own words what is wrong with a field', function (): void {
    $rules = [];
    foreach (Sources::php('app') as $path => $code) {
        if (str_starts_with($path, 'app/Http/Requests/')) {
            preg_match_all(
                "/'(?:(required|required_with|string|integer|numeric|between|min|max|in|array|list|boolean|email|uuid|regex|not_regex|file|extensions|present|json|after|date_format)(?::[^']*)?)'|Rule::(in|enum|exists|unique)\(/",
                $code,
                $found,
            );
            array_push($rules, ...array_filter([...$found[1], ...$found[2]]));
        }
    }
    $known = require Sources::root().'/lang/en/validation.php';

    expect(array_values(array_unique(array_diff($rules, array_keys($known)))))->toBe([])
        ->and(count(array_unique($rules)))->toBeGreaterThan(10);
});

it('chooses between one and many where a text has both', function (): void {
    $wrong = [];
    foreach ([...Sources::php('app'), ...Sources::blade()] as $path => $code) {
        preg_match_all("/\b__\(\s*'([^']+)'/", $code, $found);
        foreach ($found[1] as $key) {
            if (str_contains(Words::text($key), '|')) {
                $wrong[] = "{$path}: {$key}";
            }
        }
    }

    expect($wrong)->toBe([])->and(Words::text('lists.infeasible'))->toContain('|');
});

it('has no words that nobody says', function (): void {
    $used = [];
    foreach ([...Sources::php('app'), ...Sources::php('core'), ...Sources::blade()] as $code) {
        $used += Words::used($code);
    }
    $idle = array_filter(
        array_keys(array_filter(Words::keys())),
        static fn (string $key): bool => ! Words::isSaid($key, $used),
    );

    expect(array_values($idle))->toBe([]);
});

it('writes no text into a page that is not in lang/', function (string $path): void {
    expect(Words::inBlade((string) file_get_contents(Sources::root().'/'.$path)))->toBe([], $path);
})->with(fn (): array => array_map(static fn (string $path): array => [$path], array_keys(Sources::blade())));

it('writes no text into PHP that is not in lang/', function (): void {
    $texts = [];
    foreach ([...Sources::php('app'), ...Sources::php('core')] as $path => $code) {
        foreach (Words::isData($path) ? [] : Words::inPhp($code) as $text) {
            $texts[] = "{$path}: {$text}";
        }
    }

    expect($texts)->toBe([]);
});

it('sees text where there is some', function (): void {
    expect(Words::inBlade('<p class="a b c">{{ __("x.y") }}</p>'))->toBe([])
        ->and(Words::inBlade("<p>Nothing lies here</p>\n<a aria-label=\"Go on\">{{ \$name }}</a>"))
        ->toBe(['Nothing lies here', 'Go on'])
        ->and(
            Words::inPhp(
                '<?php return ["a" => "The wall has taken it in.", "b" => "wall.title", "c" => "select a from b where c = d"];',
            ),
        )
        ->toBe(['The wall has taken it in.'])
        ->and(Words::inPhp('<?php return "It took {$seconds} seconds to do.";'))->toBe(['It took ', ' seconds to do.']);
});

it('calls nobody he or she by role', function (): void {
    $found = [];
    foreach (
        [
            ...array_keys(Sources::php('app')),
            ...array_keys(Sources::php('core')),
            ...array_keys(Sources::blade()),
            ...Sources::paths('lang', '.php'),
            ...Sources::paths('docs', '.md'),
            ...Sources::paths('resources/js', '.js'),
        ] as $path
    ) {
        // What somebody may type is theirs.
        if (
            $path !== 'core/Attack/Wording/Words.php'
            && preg_match(
                '/\b(he|him|his|she|her|hers)\b/i',
                (string) file_get_contents(Sources::root().'/'.$path),
                $word,
            ) === 1
        ) {
            $found[] = "{$path}: {$word[0]}";
        }
    }

    expect($found)->toBe([]);
});

it('writes no text into a style', function (): void {
    foreach (Sources::paths('resources/sass', '.scss') as $path) {
        expect((string) file_get_contents(Sources::root().'/'.$path))->not->toMatch(
            '/content:\s*[\'"][^\'"\\\\]*\p{L}{2,}/u',
            $path,
        );
    }
});
