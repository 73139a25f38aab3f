<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Pairs\Budget;
use StoneDrill\Core\Coverage\Pairs\Model;
use StoneDrill\Core\Coverage\Pairs\Sampler;
use Tests\Core\Coverage\PairsFixture;
use Tests\Support\English;

it('meets every pair in as few rows as the published records', function (array $counts, int $most): void {
    $parameters = PairsFixture::mixed($counts);
    $sample = (new Sampler(Model::of($parameters), 7))->sample(Budget::steps(3_000));
    // Of each two parameters: one's values · the other's.
    $pairs = 0;
    foreach (array_values($parameters) as $place => $values) {
        foreach (array_slice(array_values($parameters), $place + 1) as $others) {
            $pairs += count($values) * count($others);
        }
    }

    expect(PairsFixture::pairsOf($sample->rows))->toHaveCount($pairs)
        ->and($sample->pairs)->toBe($pairs)
        ->and(count($sample->rows))->toBeLessThanOrEqual($most)
        ->and(count($sample->rows))->toBeLessThanOrEqual($sample->atFirst)
        ->and($sample->infeasible)->toBe(0);
})->with([
    '3^4' => [[3 => 4], 9],
    '3^13' => [[3 => 13], 16],
    '4^15 3^17 2^29' => [[4 => 15, 3 => 17, 2 => 29], 31],
    '4^1 3^39 2^35' => [[4 => 1, 3 => 39, 2 => 35], 23],
    '2^100' => [[2 => 100], 10],
    '10^20' => [[10 => 20], 185],
    'two parameters' => [[4 => 2], 16],
    'one value each' => [[1 => 5], 1],
    'one parameter' => [[3 => 1], 0],
    'rows from one row, for fewer values too' => [[10 => 18, 7 => 2], 181],
]);

it('keeps to what can be, and leaves out no pair that can', function (int $seed): void {
    mt_srand($seed);
    $parameters = [];
    for ($i = 0, $count = mt_rand(2, 5); $i < $count; $i++) {
        $parameters["p{$i}"] = array_map(static fn (int $value): string => "v{$value}", range(1, mt_rand(2, 4)));
    }
    $forbid = [];
    for ($i = 0, $count = mt_rand(1, 6); $i < $count; $i++) {
        $combination = [];
        foreach ((array) array_rand($parameters, mt_rand(1, min(3, count($parameters)))) as $name) {
            $combination[$name] = $parameters[$name][mt_rand(0, count($parameters[$name]) - 1)];
        }
        $forbid[] = $combination;
    }
    $possible = PairsFixture::pairsOf(PairsFixture::allRows($parameters, $forbid));
    $sample = (new Sampler(Model::of($parameters, $forbid), $seed))->sample(Budget::steps(300));

    expect(array_keys(PairsFixture::pairsOf($sample->rows)))->toEqualCanonicalizing(array_keys($possible))
        ->and($sample->pairs - $sample->infeasible)->toBe(count($possible))
        ->and(array_filter($sample->rows, static fn (array $row): bool => PairsFixture::isForbidden($row, $forbid)))
        ->toBe([]);
})->with(array_map(static fn (int $seed): array => [$seed], range(1, 60)));

it('gives the same rows for the same seed, and others for another', function (): void {
    $rows = static fn (int $seed): array => (new Sampler(Model::of(PairsFixture::mixed([4 => 6])), $seed))->sample(
        Budget::steps(500),
    )->rows;

    expect($rows(3))->toBe($rows(3))->and($rows(3))->not->toBe($rows(4));
});

it('has fewer rows the longer it looks, with what cannot be too', function (array $forbid): void {
    $model = Model::of(PairsFixture::mixed([4 => 8, 2 => 4]), $forbid);
    $after = static fn (int $steps): int => count((new Sampler($model, 5))->sample(Budget::steps($steps))->rows);
    $greedy = (new Sampler($model, 5))->sample(Budget::steps(0));

    expect(count($greedy->rows))->toBe($greedy->atFirst)
        ->and($after(50))->toBeLessThan($greedy->atFirst)
        ->and($after(5_000))->toBeLessThan($after(50));
})->with([
    'everything' => [[]],
    'less' => [
        [['p0' => 'v1', 'p1' => 'v1'], ['p2' => 'v2', 'p3' => 'v3', 'p8' => 'v1'], ['p4' => 'v4', 'p9' => 'v2']],
    ],
]);

it('stops where no fewer rows can be, or the time is over', function (): void {
    $least = (new Sampler(Model::of(PairsFixture::mixed([3 => 4])), 1))->sample();
    $over = (new Sampler(Model::of(PairsFixture::mixed([4 => 12])), 1))->sample(Budget::seconds(0.0));

    // Nine pairs of two parameters need nine rows; three in a row of four are met by as many (an orthogonal array).
    expect(count($least->rows))->toBe(9)
        ->and($least->seconds)->toBeGreaterThan(0.0)
        ->and(count($over->rows))->toBe($over->atFirst);
});

it('refuses a model that means nothing', function (array $parameters, array $forbid, string $message): void {
    expect(English::refusal(fn () => Model::of($parameters, $forbid)))->toContain($message);
})->with([
    [['a' => []], [], 'needs at least one value'],
    [['a' => ['x', 'x']], [], 'none of them twice'],
    [['hand' => ['left']], [['hnad' => 'left']], 'expected one of hand'],
    [['hand' => ['left']], [['hand' => 'lft']], 'expected one of left'],
    [['hand' => ['left']], [[]], 'at least one value'],
]);
