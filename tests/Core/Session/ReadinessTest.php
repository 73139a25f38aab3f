<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\TestStandard;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Chances;
use StoneDrill\Core\Session\Readiness;
use StoneDrill\Core\Session\TestItem;
use Tests\Core\Session\ClassPlanFixture;
use Tests\Core\Session\ReadinessFixture;
use Tests\Support\Made;

// Weights of the prior .5, .25, .25; a try of 60 days weighs a half.
it('tells the chances of the next try', function (array $reps, array $expected): void {
    $window = Window::of(
        array_map(fn (array $rep) => Made::rep(...$rep), $reps),
        StoneDrill\Core\Curriculum\Ladder::builtIn(),
    );
    $chances = Chances::of($window->tries, 3, (new DateTimeImmutable(Made::NOW))->getTimestamp(), new ProofRules());

    foreach (['full', 'half', 'none'] as $place => $name) {
        expect($chances->{$name})->toEqualWithDelta($expected[$place], 1e-12, $name);
    }
})->with([
    'never tried' => [[], [0.5, 0.25, 0.25]],
    // (.5 + 3) of 4, .25 of 4, .25 of 4
    'three clean' => [[[3, 'clean'], [4, 'clean'], [7, 'clean']], [0.875, 0.0625, 0.0625]],
    'clean below says nothing' => [[[2, 'clean']], [0.5, 0.25, 0.25]],
    'late above says nothing' => [[[4, 'late']], [0.5, 0.25, 0.25]],
    // .5, .25, 1.25 of 2
    'late below' => [[[2, 'late']], [0.25, 0.125, 0.625]],
    // .5, 1.25, .25 of 2
    'scraped above' => [[[4, 'scraped']], [0.25, 0.625, 0.125]],
    // .5, .25, .75 of 1.5
    'scraped below' => [[[2, 'recovered']], [1 / 3, 1 / 6, 0.5]],
    // 1, .25, .25 of 1.5
    'clean, two months ago' => [[[3, 'clean', 60]], [2 / 3, 1 / 6, 1 / 6]],
    'stopped says nothing' => [[[3, 'stopped']], [0.5, 0.25, 0.25]],
]);

it('reckons before the first try as the school does', function (): void {
    $rules = new ProofRules(untried: ['full' => 1.0, 'half' => 0.25, 'none' => 1.5]);
    $now = (new DateTimeImmutable(Made::NOW))->getTimestamp();

    // 1 of 2.75, and with a clean try of today 2 of 3.75.
    expect(Chances::of([], 3, $now, $rules)->full)
        ->toEqualWithDelta(4 / 11, 1e-12)
        ->and(Chances::of([[$now, 3, 1.0]], 3, $now, $rules)->full)
        ->toEqualWithDelta(8 / 15, 1e-12);
});

it('passes two items of .7, .2, .1 with .49, as only two of two are 80 %', function (): void {
    expect(
        (new Readiness([ReadinessFixture::item(0.7, 0.2), ReadinessFixture::item(0.7, 0.2)]))->chance(),
    )->toEqualWithDelta(0.49, 1e-12);
});

it('asks for as much of all credit, and as sure a chance, as the school does', function (): void {
    $items = [ReadinessFixture::item(0.7, 0.2), ReadinessFixture::item(0.7, 0.2)];
    $of = static fn (float $pass, float $ready): Readiness => new Readiness($items, new TestStandard($pass, $ready));

    // Three of four halves: .7 · .7, or .7 · .2 either way round.
    expect($of(0.75, 0.76)->chance())
        ->toEqualWithDelta(0.77, 1e-12)
        ->and([$of(0.75, 0.76)->isReady(), $of(0.75, 0.78)->isReady(), $of(0.8, 0.48)->isReady()])
        ->toBe([true, false, true])
        // The least: one half of four.
        ->and($of(0.01, 1.0)->chance())
        ->toEqualWithDelta(1 - 0.1 * 0.1, 1e-12);
});

it('works out the chance by hand for a few', function (array $items, float $chance): void {
    expect(
        (new Readiness(array_map(fn (array $item): TestItem => ReadinessFixture::item(...$item), $items)))->chance(),
    )->toEqualWithDelta($chance, 1e-12);
})->with([
    'one' => [[[0.7, 0.2]], 0.7],
    // A half is no 80 %; critical or not.
    'one that is critical' => [[[0.7, 0.2, true]], 0.7],
    // Five: 8 of 10 halves. All full but one half, one none, or two halves: .5^5 + 5(.5^4 × .5) + 10(.5^3 × .25) with
    // half .5, none 0.
    'five without failing' => [array_fill(0, 5, [0.5, 0.5]), 0.03125 + 0.15625 + 0.3125],
    // Five, each full .5 or none .5: one may fail, 1/32 + 5/32; none of the critical ones.
    'five, all or nothing' => [array_fill(0, 5, [0.5, 0.0]), 6 / 32],
    'five critical, all or nothing' => [array_fill(0, 5, [0.5, 0.0, true]), 1 / 32],
    'five, one critical' => [[[0.5, 0.0, true], ...array_fill(0, 4, [0.5, 0.0])], 5 / 32],
]);

it('agrees with a million simulated tests', function (int $seed): void {
    mt_srand($seed);
    $items = array_map(function (): TestItem {
        $full = mt_rand(60, 95) / 100;

        return ReadinessFixture::item($full, ((1 - $full) * mt_rand(0, 10)) / 10, mt_rand(0, 3) === 0);
    }, range(1, 7));
    $exact = (float) (new Readiness($items))->chance();
    $simulated = ReadinessFixture::simulated($items, 1_000_000);

    expect(abs($simulated - $exact))->toBeLessThan(3 * sqrt(($exact * (1 - $exact)) / 1_000_000));
})->with([1, 2]);

it('names the three that would raise it most, and by how much', function (): void {
    // The critical one counts in full or fails the test, so the chance is .4 of what it would be were it sure.
    $items = [
        ReadinessFixture::item(0.9, 0.1),
        ReadinessFixture::item(0.4, 0.0, true),
        ReadinessFixture::item(0.9, 0.1),
        ReadinessFixture::item(0.9, 0.1),
        ReadinessFixture::item(1.0, 0.0),
    ];
    $readiness = new Readiness($items);
    $now = (float) $readiness->chance();
    $most = $readiness->most();

    expect($most)->toHaveCount(3)
        ->and($most[0][0])->toBe($items[1])
        ->and($most[0][1])->toEqualWithDelta($now / 0.4 - $now, 1e-12)
        ->and($most[1][1])->toBeGreaterThanOrEqual($most[2][1])
        ->and(in_array($items[4], array_column($most, 0), true))->toBeFalse();
});

it('tells what would raise the chance most as counting every way it can go does', function (int $seed): void {
    mt_srand($seed);
    $items = array_map(static function (): TestItem {
        $full = mt_rand(1, 90) / 100;

        return ReadinessFixture::item($full, mt_rand(0, (int) (100 - 100 * $full)) / 100);
    }, range(1, 6));
    $readiness = new Readiness($items, new TestStandard(mt_rand(40, 95) / 100));
    $passing = static function (?int $sure) use ($items, $readiness): float {
        $chance = 0.0;
        foreach (range(0, 3 ** 6 - 1) as $way) {
            [$halves, $of] = [0, 1.0];
            foreach ($items as $place => $item) {
                $credit = intdiv($way, 3 ** $place) % 3;
                $chances = [$item->chances->none, $item->chances->half, $item->chances->full];
                $of *= $place === $sure ? (int) ($credit === 2) : $chances[$credit];
                $halves += $credit;
            }
            $chance += $halves / 12 >= $readiness->asks->pass - 1e-9 ? $of : 0.0;
        }

        return $chance;
    };
    $gains = array_map(static fn (int $place): float => $passing($place) - $passing(null), array_keys($items));
    rsort($gains);

    expect($readiness->chance())
        ->toEqualWithDelta($passing(null), 1e-9)
        ->and(array_column($readiness->most(6), 1))
        ->toEqualWithDelta(array_values(array_filter($gains, static fn (float $gain): bool => $gain > 1e-12)), 1e-9);
})->with(range(1, 12));

it('asks for what the rank itself needs, from each side, at its goal rung', function (): void {
    $catalogue = ClassPlanFixture::catalogue();
    $rank = $catalogue->ranks[1];
    $readiness = Readiness::of($catalogue, $rank, [], new DateTimeImmutable(Made::NOW));

    expect(array_map(fn (TestItem $item): array => [$item->attack->id, $item->side, $item->isTried], $readiness->items))
        ->toBe([['hug', Side::Written, false]])
        ->and($readiness->chance())->toBe(0.5)
        ->and($readiness->isReady())->toBeFalse()
        ->and(Readiness::of($catalogue, new Rank('z', 'Z', 4, 2), [], new DateTimeImmutable(Made::NOW))->chance())
        ->toBeNull();
});
