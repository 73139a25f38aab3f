<?php

declare(strict_types=1);

use StoneDrill\Core\Coverage\SetCover;
use Tests\Core\Coverage\SetCoverFixture;

it('chooses as trying everything does', function (int $seed): void {
    mt_srand($seed);
    $weights = array_map(static fn (): float => mt_rand(1, 10) / 2, range(1, mt_rand(4, 9)));
    $sets = [];
    for ($i = 0, $count = mt_rand(3, 9); $i < $count; $i++) {
        $sets[] = array_values((array) array_rand($weights, mt_rand(1, min(4, count($weights)))));
    }
    $cover = new SetCover($weights, $sets);
    foreach ([0.3, 0.6, 0.9, 1.0] as $share) {
        $goal = $share * $cover->most();
        $exact = $cover->exact($goal);
        expect($exact)->toBe(SetCoverFixture::bestByTrying($weights, $sets, $goal), "share {$share}")
            ->and($cover->bound($goal))->toBeLessThanOrEqual(count($exact))
            ->and(count($cover->greedy($goal)))->toBeGreaterThanOrEqual(count($exact));
    }
})->with(array_map(static fn (int $seed): array => [$seed], range(1, 60)));

it('gives the order in which each adds most', function (): void {
    // 1 + 2 weigh 3, then 3 adds 2; {1} adds nothing any more.
    $cover = new SetCover([1.0, 2.0, 2.0], [[0], [0, 1], [2]]);

    expect($cover->inOrder([0, 1, 2]))->toBe([[1, 3.0], [2, 2.0], [0, 0.0]]);
});
