<?php

declare(strict_types=1);

use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\BetaDistribution;
use StoneDrill\Core\Proof\Evidence;
use StoneDrill\Core\Proof\Glance;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Window;

/**
 * Tries of some years, of somebody who gets better.
 *
 * @return list<array{int, int, float}>
 */
function triesOfYears(int $seed, int $count, int $days): array
{
    mt_srand($seed);
    $moments = array_map(static fn (): int => 1_700_000_000 + mt_rand(0, $days * 86_400), range(1, $count));
    sort($moments);

    return array_map(
        static fn (int $at, int $place): array => [
            $at,
            mt_rand(1, 1 + intdiv(6 * $place, $count)),
            [1.0, 1.0, 1.0, 1.0, 0.5, 0.0][mt_rand(0, 5)],
        ],
        $moments,
        array_keys($moments),
    );
}

it('takes nothing for plain that the 10 % quantile says is held, however much there is', function (): void {
    mt_srand(5);
    $plain = $held = 0;
    foreach (range(1, 4_000) as $i) {
        // Close to where it turns, from two tries to some thousands.
        $success = 2 * 1.0019 ** $i + mt_rand(0, 1_000) / 1_000;
        $failure = $i % 5 === 0 ? 0.0 : ($success * mt_rand(0, 800)) / 1_000;
        $holds = (new BetaDistribution(0.5 + $success, 0.5 + $failure))->quantile(0.1) >= 0.6;
        $may = (new Evidence($success, $failure))->mayHold();
        expect($may || ! $holds)->toBeTrue("{$success} {$failure}");
        $plain += $may ? 0 : 1;
        $held += $holds ? 1 : 0;
    }

    expect($plain)->toBeGreaterThan(400)->and($held)->toBeGreaterThan(400);
});

it('keeps the highest rung that was ever held, as a look at every rung after every try does', function (
    int $seed,
    int $window,
    float $halfLife,
    int $days,
): void {
    $tries = triesOfYears($seed, 60, $days);
    $rules = new ProofRules($window, $halfLife);
    $ever = null;
    foreach (array_keys($tries) as $last) {
        $known = array_slice(array_slice($tries, 0, $last + 1), -$window);
        foreach (range(1, 7) as $rung) {
            [$success, $failure] = [0.5, 0.5];
            foreach ($known as [$at, $of, $credit]) {
                $weight = 2 ** (-floor(($tries[$last][0] - $at) / 86_400) / $halfLife);
                $success += $of >= $rung ? $weight * $credit : 0;
                $failure += $of <= $rung ? $weight * (1 - $credit) : 0;
            }
            if ((new BetaDistribution($success, $failure))->quantile(0.1) >= 0.6) {
                $ever = max($ever ?? 0, $rung);
            }
        }
    }

    expect(Window::ofTries($tries, Ladder::builtIn(), $rules)->ever)->toBe($ever);
})->with(range(1, 12))->with([
    'as usual' => [12, 60.0, 700],
    'all in a week' => [12, 60.0, 7],
    'few that fade fast' => [5, 7.0, 60],
    'many that stay' => [40, 365.0, 4_000],
    'one at a time' => [1, 7.0, 30],
]);

it('weighs few of the tries again: not those of long ago, but those that age by whole days', function (): void {
    $tries = triesOfYears(3, 400, 4_000);
    $glance = new Glance($tries, new ProofRules());
    $seen = array_filter(array_keys($tries), static fn (int $last): bool => $glance->mayHold(4, $last));
    // Two weigh .743 each by whole days, which three are, and .673 by seconds, of which 2.346 would not hold.
    $apart = [[0, 3, 1.0], [0, 3, 1.0], [4 * 86_400 - 1, 3, 1.0]];
    $old = [[0, 3, 1.0], [0, 3, 1.0], [0, 3, 1.0], [20 * 365 * 86_400, 3, 1.0]];

    expect(count($seen))->toBeGreaterThan(0)->toBeLessThan(100)
        ->and((new Glance($apart, new ProofRules(halfLife: 7.0)))->mayHold(3, 2))->toBeTrue()
        ->and(Window::ofTries($apart, Ladder::builtIn(), new ProofRules(halfLife: 7.0))->ever)->toBe(3)
        ->and((new Glance($old, new ProofRules()))->mayHold(3, 2))->toBeTrue()
        ->and((new Glance($old, new ProofRules()))->mayHold(4, 2))->toBeFalse()
        ->and((new Glance($old, new ProofRules()))->mayHold(3, 3))->toBeFalse();
});
