<?php

declare(strict_types=1);

use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Season\Ahead;
use StoneDrill\Core\Session\Season\Forecast;
use StoneDrill\Core\Session\Season\Future;
use StoneDrill\Core\Session\Season\Knapsack;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\Mending;
use StoneDrill\Core\Session\Season\Need;
use Tests\Core\Session\SeasonFixture;
use Tests\Support\Made;

it('chooses what is worth most, as every choice of a few things does', function (): void {
    mt_srand(7);
    for ($case = 0; $case < 300; $case++) {
        $things = [];
        for ($thing = mt_rand(0, 9); $thing > 0; $thing--) {
            $things["t{$thing}"] = [mt_rand(1, 12), (float) mt_rand(1, 20)];
        }
        $room = mt_rand(0, 40);
        $keys = array_keys($things);
        $best = 0.0;
        for ($set = 0; $set < 2 ** count($things); $set++) {
            $chosen = array_filter(
                $keys,
                fn (string $key, int $place): bool => (($set >> $place) & 1) === 1,
                ARRAY_FILTER_USE_BOTH,
            );
            $takes = array_sum(array_map(fn (string $key): int => $things[$key][0], $chosen));
            $best = $takes <= $room
                ? max($best, array_sum(array_map(fn (string $key): float => $things[$key][1], $chosen)))
                : $best;
        }
        $found = Knapsack::choose($things, $room);

        expect(array_sum(array_map(fn (string $key): float => $things[$key][1], $found)))->toEqualWithDelta($best, 1e-9)
            ->and(array_sum(array_map(fn (string $key): int => $things[$key][0], $found)))->toBeLessThanOrEqual($room)
            ->and(array_values(array_intersect($keys, $found)))->toBe($found);
    }
});

it('learns by its curve', function (): void {
    // 1 − ½ e^(−1) after six tries from a half.
    expect((new Learning())->chance(0.5, 6))->toEqualWithDelta(1 - 0.5 * exp(-1), 1e-12)
        ->and((new Learning())->chance(0.5, 0))->toBe(0.5);
});

it('fits how fast a school learns to its tries, with an error', function (float $true): void {
    mt_srand((int) (10 * $true));
    $sequences = [];
    for ($one = 0; $one < 150; $one++) {
        $sequences[] = array_map(
            fn (int $n): bool => mt_rand() / mt_getrandmax() < 1 - 0.5 * exp(-$n / $true),
            range(1, mt_rand(2, 12)),
        );
    }
    $fitted = Learning::fit($sequences);
    $likelihood = function (float $tries) use ($sequences): float {
        $sum = 0.0;
        foreach ($sequences as $sequence) {
            foreach ($sequence as $place => $clean) {
                $chance = 1 - 0.5 * exp(-($place + 1) / $tries);
                $sum += log($clean ? $chance : 1 - $chance);
            }
        }

        return $sum;
    };
    $best = 0.5;
    for ($tries = 0.5; $tries < 60; $tries += 0.01) {
        $best = $likelihood($tries) > $likelihood($best) ? $tries : $best;
    }

    expect($fitted->tries)->toEqualWithDelta($best, 0.011)
        ->and(abs($fitted->tries - $true))->toBeLessThan(3 * $fitted->error)
        ->and($fitted->seen)->toBe(array_sum(array_map(count(...), $sequences)));
    // Half a unit of likelihood is lost about one error away.
    expect($likelihood($fitted->tries) - $likelihood($fitted->tries + $fitted->error))->toBeGreaterThan(0.25)
        ->toBeLessThan(0.75);
})->with([3.0, 6.0, 10.0]);

it('keeps the usual figure as long as there are too few tries', function (): void {
    $few = Learning::fit([array_fill(0, 199, true)]);
    expect([$few->tries, $few->error, $few->seen])->toBe([6.0, null, 199]);
});

it('needs as many tries as a second reckoning says', function (array $outcomes, int $classes, int $gap): void {
    $catalogue = SeasonFixture::catalogue(1);
    $reps = array_map(
        fn (string $outcome, int $place): StoneDrill\Core\Proof\Rep => Made::rep(
            3,
            $outcome,
            2.0 + 9 * (count($outcomes) - $place),
        ),
        $outcomes,
        array_keys($outcomes),
    );
    $window = Window::of($reps, $catalogue->ladder);
    $times = array_column(SeasonFixture::classes($classes, 4, 9, $gap), 'at');
    $day = SeasonFixture::now() + 40 * SeasonFixture::DAY;
    $future = new Future($window, 3, SeasonFixture::now(), new Learning(), new ProofRules());
    // From the page: α and β of what there is, with a half each; each further try adds its chance; a lower bound of .6
    // is a tenth below it.
    $weight = fn (int $then): float => 2 ** (-intdiv($day - $then, 86_400) / 60);
    $credit = ['clean' => 1.0, 'scraped' => 0.5, 'hit' => 0.0];
    $before = (0.5
        + array_sum(
            array_map(
                fn (array $try): float => $try[2] * 2 ** (-intdiv(SeasonFixture::now() - $try[0], 86_400) / 60),
                $window->tries,
            ),
        ))
    / (1
        + array_sum(
            array_map(
                fn (array $try): float => 2 ** (-intdiv(SeasonFixture::now() - $try[0], 86_400) / 60),
                $window->tries,
            ),
        ));
    $holds = function (int $n) use ($window, $times, $weight, $before): bool {
        $late = [];
        foreach (array_reverse($times) as $time) {
            for ($in = 0; $in < 3 && count($late) < $n; $in++) {
                $late[] = $time;
            }
        }
        if (count($late) < $n) {
            return false;
        }
        sort($late);
        $all = [];
        foreach (
            array_slice($window->tries, max(0, count($window->tries) - max(0, 12 - $n)), $n >= 12 ? 0 : null) as $try
        ) {
            $all[] = [$weight($try[0]) * $try[2], $weight($try[0]) * (1 - $try[2])];
        }
        foreach (array_slice($late, -12, null, true) as $place => $then) {
            $chance = 1 - (1 - $before) * exp(-($place + 1) / 6);
            $all[] = [$weight($then) * $chance, $weight($then) * (1 - $chance)];
        }

        return SeasonFixture::area(
            0.5 + array_sum(array_column($all, 0)),
            0.5 + array_sum(array_column($all, 1)),
            0.6,
        ) <= 0.1;
    };
    $least = null;
    for ($n = 0; $n <= min(36, 3 * $classes); $n++) {
        if ($holds($n)) {
            $least = $n;
            break;
        }
    }

    expect(Need::of($future, $times, $day))->toBe($least);
})->with([
    'nothing tried' => [[], 8, 4],
    'two hits' => [['hit', 'hit'], 8, 4],
    'seven hits' => [array_fill(0, 7, 'hit'), 10, 3],
    'mixed' => [['hit', 'scraped', 'clean', 'clean'], 6, 5],
    'holds' => [array_fill(0, 12, 'clean'), 3, 5],
    'one class' => [[], 1, 1],
    'no way' => [array_fill(0, 12, 'hit'), 1, 1],
]);

it('says how one candidate comes to hold both sides, by hand', function (): void {
    $catalogue = SeasonFixture::catalogue(1);
    $classes = SeasonFixture::classes(7, 1, 6);
    $day = $classes[6]->at + SeasonFixture::DAY;
    $plan = SeasonFixture::season($catalogue)->plan($day, $classes, [SeasonFixture::candidate()]);

    // Taught in the first class, tried from the third on, three of a side in a class: five classes are enough for both.
    $need = Need::of(
        new Future(Window::empty(), 3, SeasonFixture::now(), new Learning(), new ProofRules()),
        array_column(array_slice($classes, 2), 'at'),
        $day,
    );
    expect($need)->toBeGreaterThan(7)
        ->toBeLessThan(16)
        ->and($plan->teaches)->toBe([0 => ['x1']])
        ->and($plan->fits())->toBeTrue()
        ->and([$plan->forecasts[0]->holds, $plan->forecasts[0]->of])->toBe([2, 2])
        ->and(array_sum(array_merge(...array_map(array_values(...), $plan->forecasts[0]->drill))))->toBe(2 * $need)
        ->and(array_keys($plan->drills(6)))->toEqualCanonicalizing(['k1 written', 'k1 mirrored'])
        ->and($plan->drills(0))->toBe([])
        ->and(array_keys($plan->drilled()))->toBe(array_column($classes, 'id'))
        ->and($plan->drilled()[$classes[0]->id])->toBe([])
        ->and(array_keys($plan->drilled()[$classes[6]->id]))->toBe(['s'])
        ->and($plan->drilled()[$classes[6]->id]['s'])->toEqualCanonicalizing(['k1 written', 'k1 mirrored']);
    // With three a class there is room for one side alone: the sides are worth the same.
    $tight = SeasonFixture::season($catalogue)->plan($day, SeasonFixture::classes(7, 1, 3), [
        SeasonFixture::candidate(),
    ]);
    expect($tight->fits())->toBeFalse()
        ->and($tight->forecasts[0]->holds)->toBe(1)
        ->and($tight->left())->toHaveCount(1)
        ->and($tight->forecasts[0]->readyOn)->toBeNull();
});

it('keeps to what a class has room for, and to two classes after teaching', function (int $seed): void {
    mt_srand($seed);
    $catalogue = SeasonFixture::catalogue(mt_rand(2, 7));
    $classes = SeasonFixture::classes(mt_rand(1, 14), mt_rand(0, 3), mt_rand(0, 12), mt_rand(1, 5));
    $day = $classes[count($classes) - 1]->at + SeasonFixture::DAY;
    $candidates = array_map(function (int $number) use ($catalogue): StoneDrill\Core\Session\Season\Candidate {
        $windows = [];
        foreach ($catalogue->attacks as $attack) {
            if (mt_rand(0, 2) === 0) {
                $windows["{$attack->id} written"] = Window::of(
                    array_map(
                        fn (): StoneDrill\Core\Proof\Rep => Made::rep(
                            3,
                            ['clean', 'hit', 'scraped'][mt_rand(0, 2)],
                            mt_rand(1, 90),
                        ),
                        range(1, mt_rand(1, 6)),
                    ),
                    $catalogue->ladder,
                );
            }
        }

        return SeasonFixture::candidate("s{$number}", $windows);
    }, range(1, mt_rand(1, 4)));
    $plan = SeasonFixture::season($catalogue)->plan($day, $classes, $candidates);
    $taught = array_merge(...array_values($plan->teaches));

    expect($taught)->toBe(array_values(array_unique($taught)));
    foreach ($plan->teaches as $place => $answers) {
        expect(count($answers))->toBeLessThanOrEqual($plan->classes[$place]->answers);
    }
    foreach ($plan->forecasts as $number => $forecast) {
        $times = [];
        foreach ($forecast->drill as $place => $cells) {
            expect(array_sum($cells))->toBeLessThanOrEqual($plan->classes[$place]->reps)
                ->and(max($cells))->toBeLessThanOrEqual(3);
            foreach ($cells as $key => $count) {
                $times[$key] ??= [];
                array_push($times[$key], ...array_fill(0, $count, $plan->classes[$place]->at));
                $answer = 'x'.substr(explode(' ', $key)[0], 1);
                $in = array_key_first(
                    array_filter($plan->teaches, fn (array $answers): bool => in_array($answer, $answers, true)),
                );
                expect(isset($candidates[$number]->windows[$key]) || ($in !== null && $place >= $in + 2))->toBeTrue(
                    "{$seed} {$key}",
                );
            }
        }
        $held = 0;
        foreach ($catalogue->attacks as $attack) {
            foreach ($attack->sides() as $side) {
                $key = "{$attack->id} {$side->value}";
                $held += (new Future(
                    $candidates[$number]->windows[$key] ?? Window::empty(),
                    3,
                    SeasonFixture::now(),
                    new Learning(),
                    new ProofRules(),
                ))->holdsOn($times[$key] ?? [], $day)
                    ? 1
                    : 0;
            }
        }
        expect([$forecast->holds, $forecast->of, count($forecast->left)])->toBe([
            $held,
            2 * count($catalogue->attacks),
            2 * count($catalogue->attacks) - $held,
        ]);
    }
})->with(range(1, 25));

it('looks for the least that makes it fit', function (): void {
    $catalogue = SeasonFixture::catalogue(3);
    $classes = SeasonFixture::classes(8, 1, 8);
    $day = $classes[7]->at + SeasonFixture::DAY;
    $season = SeasonFixture::season($catalogue);
    $candidates = [SeasonFixture::candidate()];
    $plan = $season->plan($day, $classes, $candidates);
    expect($plan->fits())->toBeFalse();
    $mend = (new Mending($season, $day, $classes, $candidates))->of($plan);

    expect($mend->classes)->toBeGreaterThan(0)
        ->and($mend->drop)->toBe($plan->left())
        ->and($mend->day)->toBeGreaterThan($day);
    // One week less is not enough.
    $later = fn (int $weeks) => $season
        ->plan(
            $day + $weeks * 7 * 86_400,
            SeasonFixture::classes(8 + (int) ceil(($weeks * 7) / 3) + 1, 1, 8),
            $candidates,
        )
        ->fits();
    $weeks = intdiv($mend->day - $day, 7 * 86_400);
    expect($later($weeks))->toBeTrue()
        ->and($weeks === 1 || ! $later($weeks - 1))->toBeTrue();
    expect((new Mending($season, $day, [], $candidates))->of($season->plan($day, [], $candidates)))->toEqual(
        new StoneDrill\Core\Session\Season\Mend(null, $season->plan($day, [], $candidates)->left(), null),
    );
});

it('asks nobody for what a flag bars, and holds nothing against who is ready already', function (): void {
    $catalogue = SeasonFixture::catalogue(2);
    $held = [];
    foreach ($catalogue->attacks as $attack) {
        foreach ($attack->sides() as $side) {
            $held["{$attack->id} {$side->value}"] = Window::of(
                array_map(fn (int $day): StoneDrill\Core\Proof\Rep => Made::rep(4, 'clean', $day), range(1, 12)),
                $catalogue->ladder,
            );
        }
    }
    $plan = SeasonFixture::season($catalogue)->plan(
        SeasonFixture::now() + SeasonFixture::DAY,
        [],
        [SeasonFixture::candidate('s', $held)],
    );

    expect($plan->fits())->toBeTrue()
        ->and($plan->forecasts[0]->readyOn)->toBe(SeasonFixture::now())
        ->and($plan->forecasts[0]->drill)->toBe([])
        ->and(array_map(fn (Forecast $forecast): int => $forecast->of, $plan->forecasts))->toBe([4]);
});

it('tells how far it has got, and never all of it before it is there', function (): void {
    $catalogue = SeasonFixture::catalogue(4);
    $now = new DateTimeImmutable(Made::NOW);
    $told = [];
    Ahead::of(
        $catalogue,
        SeasonFixture::cells($catalogue),
        new PlannedTest('t', 'b', $now->modify('+40 days')),
        [],
        [],
        [SeasonFixture::candidate('s'), SeasonFixture::candidate('t')],
        [],
        $now,
        function (float $share) use (&$told): void {
            $told[] = $share;
        },
    );
    $sorted = $told;
    sort($sorted);

    // Half of it for two candidates, then 15 % of what is left for each look at other classes.
    expect(array_slice($told, 0, 2))->toBe([0.25, 0.5])
        ->and($told[2])->toEqualWithDelta(0.575, 1e-9)
        ->and($told)->toBe($sorted)
        ->and(max($told))->toBeLessThan(1.0)
        ->and(count($told))->toBeGreaterThan(8);
});
