<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\Pairs\Model;
use StoneDrill\Core\Coverage\Pairs\Sampler;
use Tests\Core\Coverage\PairsFixture;
use Tests\Support\English;

it('meets every pair in few rows', function (int $count, int $values, int $most): void {
    $parameters = PairsFixture::parameters($count, $values);
    $sample = (new Sampler(Model::of($parameters), 7))->sample();

    // Of two parameters: values², of all: that times count · (count − 1) ÷ 2.
    expect(PairsFixture::pairsOf($sample->rows))->toHaveCount($values ** 2 * $count * ($count - 1) / 2)
        ->and(count($sample->rows))->toBeLessThanOrEqual($most)
        ->and($sample->infeasible)->toBe(0);
})->with(['3^4' => [4, 3, 9], '3^13' => [13, 3, 18], '2^100' => [100, 2, 12], '10^20' => [20, 10, 205], 'two parameters' => [2, 4, 16], 'one value each' => [5, 1, 1]]);

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
    $sample = (new Sampler(Model::of($parameters, $forbid), $seed))->sample();

    expect(array_keys(PairsFixture::pairsOf($sample->rows)))->toEqualCanonicalizing(array_keys($possible))
        ->and($sample->pairs - $sample->infeasible)->toBe(count($possible))
        ->and(array_filter($sample->rows, static fn (array $row): bool => PairsFixture::isForbidden($row, $forbid)))->toBe([]);
})->with(array_map(static fn (int $seed): array => [$seed], range(1, 60)));

it('gives the same rows for the same seed, and others for another', function (): void {
    $rows = static fn (int $seed): array => (new Sampler(Model::of(PairsFixture::parameters(6, 4)), $seed))->sample()->rows;

    expect($rows(3))->toBe($rows(3))->and($rows(3))->not->toBe($rows(4));
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
