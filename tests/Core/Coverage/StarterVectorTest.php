<?php

declare(strict_types=1);

use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Coverage\Pairs\Feasible;
use StoneDrill\Core\Coverage\Pairs\Greedy;
use StoneDrill\Core\Coverage\Pairs\Model;
use StoneDrill\Core\Coverage\Pairs\Places;
use StoneDrill\Core\Coverage\Pairs\StarterVector;
use Tests\Core\Coverage\PairsFixture;

/** How many pairs of values of any two columns the rows meet. @param list<list<int>> $rows */
function metPairs(array $rows, int $columns): int
{
    $met = 0;
    for ($a = 0; $a < $columns; $a++) {
        for ($b = $a + 1; $b < $columns; $b++) {
            $met += count(array_unique(array_map(static fn (array $row): string => "{$row[$a]} {$row[$b]}", $rows)));
        }
    }

    return $met;
}

it('makes of one row all that it takes, k (v − 1) + 1 of them', function (
    int $parameters,
    int $values,
    int $rows,
): void {
    $vector = new StarterVector(array_fill(0, $parameters, $values), new Randomizer(new Mt19937(5)));
    $made = $vector->rows();

    expect($vector->count())->toBe($rows)
        ->and($made)->toHaveCount($rows)
        ->and(metPairs($made, $parameters))->toBe(($values ** 2 * $parameters * ($parameters - 1)) / 2)
        ->and(min(array_map(min(...), $made)))->toBe(0)
        ->and(max(array_map(max(...), $made)))->toBe($values - 1);
})->with([
    '20 of 10' => [20, 10, 181],
    '12 of 6' => [12, 6, 61],
    '9 of 4' => [9, 4, 28],
    '8 of 2' => [8, 2, 9],
    '40 of 12' => [40, 12, 441],
]);

it('gives those with fewer values any of theirs', function (): void {
    $sizes = [10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 10, 3, 1, 7];
    $rows = (new StarterVector($sizes, new Randomizer(new Mt19937(5))))->rows() ?? [];
    $pairs = 0;
    foreach ($sizes as $a => $size) {
        foreach (array_slice($sizes, $a + 1) as $other) {
            $pairs += $size * $other;
        }
    }

    expect(metPairs($rows, count($sizes)))->toBe($pairs)
        ->and(
            array_filter(
                $rows,
                static fn (array $row): bool => array_filter(
                    array_map(static fn (int $value, int $size): bool => $value < 0 || $value >= $size, $row, $sizes),
                ) !== [],
            ),
        )
        ->toBe([]);
});

it('gives up where a row cannot have every difference', function (): void {
    // Two places of twelve values have one distance, with no pair that is not the value that stays.
    expect((new StarterVector([12, 12, 12], new Randomizer(new Mt19937(1))))->rows())->toBeNull()
        ->and((new StarterVector([4, 4], new Randomizer(new Mt19937(1))))->rows())->toBeNull()
        ->and((new StarterVector([1, 1, 1, 1], new Randomizer(new Mt19937(1))))->rows())->toBeNull();
});

it('counts values on from parameter to parameter, and back', function (): void {
    $places = new Places(Model::of(['a' => ['x', 'y'], 'b' => ['u'], 'c' => ['1', '2', '3']]));

    expect([$places->first, $places->parameters, $places->sizes, $places->all])
        ->toBe([[0, 2, 3], [0, 0, 1, 2, 2, 2], [2, 1, 3], 6])
        ->and($places->of([1, 0, 2]))->toBe([1, 2, 5])
        ->and($places->values([1, 2, 5]))->toBe([1, 0, 2]);
});

it('goes on from a beginning to a row that can be', function (int $seed): void {
    $parameters = PairsFixture::mixed([3 => 5]);
    $forbid = [
        ['p0' => 'v1', 'p1' => 'v1'],
        ['p1' => 'v2', 'p2' => 'v3', 'p3' => 'v1'],
        ['p4' => 'v2'],
        ['p2' => 'v1', 'p3' => 'v2'],
    ];
    $model = Model::of($parameters, $forbid);
    [$places, $feasible] = [new Places($model), new Feasible($model)];
    $row = (new Greedy($places, $feasible, new Randomizer(new Mt19937($seed))))->candidate(
        [0 => 0, 3 => 1],
        array_fill(0, $places->all, []),
    )[0];
    $words = array_combine(
        array_keys($parameters),
        array_map(static fn (int $value): string => 'v'.($value + 1), $row),
    );

    // Begun with v1 and v2: p1 is not v1 then, p2 not v1.
    expect([$words['p0'], $words['p3']])->toBe(['v1', 'v2'])
        ->and(PairsFixture::isForbidden($words, $forbid))->toBeFalse();
})->with(range(1, 12));
