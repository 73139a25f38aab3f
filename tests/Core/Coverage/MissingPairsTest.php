<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Coverage\MissingPair;
use StoneDrill\Core\Coverage\MissingPairs;
use Tests\Core\Coverage\MissingPairsFixture;
use Tests\Support\Made;

it('counts the feasible attacks of every pair as trying all of them does', function (): void {
    // Lying with one standing over: any hour, unseen from 4 to 8, so that what is noticed hangs on the bearing.
    $kind = Kinds::builtIn()->get('ground-standing');
    $counts = [];
    foreach (MissingPairsFixture::everyFeasible($kind) as $facets) {
        $values = array_merge(['family' => 'ground'], $facets->toArray());
        $aspects = array_keys($values);
        foreach ($aspects as $place => $a) {
            foreach (array_slice($aspects, $place + 1) as $b) {
                $counts["{$a} {$values[$a]} {$b} {$values[$b]}"]
                    = ($counts["{$a} {$values[$a]} {$b} {$values[$b]}"] ?? 0) + 1;
            }
        }
    }
    $found = [];
    $missing = MissingPairs::of(Made::catalogue([], []), [$kind]);
    foreach ($missing->missing as $pair) {
        [$a, $b] = array_keys($pair->values);
        $found["{$a} {$pair->values[$a]} {$b} {$pair->values[$b]}"] = $pair->attacks;
    }
    ksort($counts);
    ksort($found);

    // 12 hours, ready from 7 of them: 19 × 5 places × 3 others × 3 intents × 3 builds.
    expect($counts['family ground hand none'])->toBe(19 * 135)
        ->and($found)->toBe($counts)
        ->and($missing->pairs)->toBe(count($counts));
});

it('leaves out what an attack has on either side, and puts the largest first', function (): void {
    $all = Kinds::builtIn()->all();
    $wrist = Made::attack(facets: ['bearing' => '2', 'hand' => 'right', 'thumb' => 'up'], id: 'w');
    $before = MissingPairs::of(Made::catalogue([], []), $all);
    $after = MissingPairs::of(Made::catalogue([$wrist], []), $all);
    $names = fn (MissingPairs $pairs): array => array_map(
        fn (MissingPair $pair): string => json_encode($pair->values),
        $pairs->missing,
    );

    // Twelve aspects make 66 pairs a side; those of neither hand nor bearing (45) are the same on both.
    expect(count($before->missing) - count($after->missing))->toBe(66 + 21)
        ->and($names($before))
        ->toContain(
            '{"hand":"left","bearing":"10"}',
            '{"hand":"right","bearing":"2"}',
            '{"family":"grab","thumb":"up"}',
        )
        ->and($names($after))->not->toContain('{"hand":"left","bearing":"10"}')
        ->not->toContain('{"hand":"right","bearing":"2"}')
        ->not->toContain('{"family":"grab","thumb":"up"}')
        ->and($names($after))->toContain('{"hand":"right","bearing":"10"}');
    $sizes = array_map(fn (MissingPair $pair): int => $pair->attacks, $after->missing);
    $sorted = $sizes;
    rsort($sorted);
    expect($sizes)->toBe($sorted);
});

it('shows each with an attack that has both and can be catalogued', function (): void {
    foreach (MissingPairs::of(Made::demo(), Kinds::builtIn()->all())->missing as $pair) {
        expect((new Feasibility())->refusals($pair->kind, $pair->facets))->toBe([]);
        foreach ($pair->values as $aspect => $value) {
            expect(
                $aspect === 'family' ? $pair->kind->family->value : $pair->facets->value(Facet::from($aspect)),
            )->toBe($value);
        }
    }
});
