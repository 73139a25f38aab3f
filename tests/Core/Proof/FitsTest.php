<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\HalfLifeFit;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ReactionFit;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Text;

/**
 * Tries one after the other of so many people, each as alike to the one before as the model has it. @return list<Rep>
 * the latest last
 */
function fadingReps(float $halfLife, int $people, int $tries, float $mean = 0.6, float $alike = 0.9): array
{
    $reps = [];
    for ($person = 0; $person < $people; $person++) {
        $credit = mt_rand() / mt_getrandmax() < $mean ? 1.0 : 0.0;
        $day = mt_rand(0, 30);
        for ($try = 0; $try < $tries; $try++) {
            $reps[] = new Rep(
                "{$person} {$try}",
                "s{$person}",
                'wrist',
                Side::Written,
                2,
                $credit === 1.0 ? Outcome::Clean : Outcome::Hit,
                new DateTimeImmutable('@'.(1_700_000_000 + 86_400 * $day)),
            );
            $apart = mt_rand(1, 90);
            $day += $apart;
            $credit = mt_rand() / mt_getrandmax() < $mean + $alike * ($credit - $mean) * 2 ** (-$apart / $halfLife)
                ? 1.0
                : 0.0;
        }
    }
    usort($reps, static fn (Rep $a, Rep $b): int => $a->at <=> $b->at);

    return $reps;
}

it('finds the half-life of simulated schools in its interval in at least ninety of a hundred', function (): void {
    mt_srand(3);
    $found = 0;
    foreach (range(1, 100) as $school) {
        $true = [20.0, 40.0, 60.0, 120.0][$school % 4];
        $fit = HalfLifeFit::of(fadingReps($true, 45, 12));
        $found += $fit !== null && $fit->low <= $true * 1.02 && $true <= $fit->high * 1.02 ? 1 : 0;
    }

    expect($found)->toBeGreaterThanOrEqual(90);
});

it('narrows with more tries round what is true', function (): void {
    mt_srand(5);
    $few = HalfLifeFit::of(fadingReps(60, 40, 8));
    $many = HalfLifeFit::of(fadingReps(60, 1500, 12));

    expect($many->high - $many->low)->toBeLessThan($few->high - $few->low)
        ->and($many->low)->toBeLessThan(62.0)
        ->and($many->high)->toBeGreaterThan(58.0)
        ->and($many->high - $many->low)->toBeLessThan(30.0)
        ->and($many->isOpen())->toBeFalse()
        ->and($many->pairs)->toBe(1500 * 11);
});

it('says nothing of too few, or where all went alike', function (): void {
    mt_srand(1);
    expect(HalfLifeFit::of(fadingReps(60, 5, 6)))->toBeNull()
        ->and(HalfLifeFit::of(fadingReps(60, 20, 6, 1.0)))->toBeNull()
        ->and(HalfLifeFit::of([]))->toBeNull()
        // Where a try says nothing of the next one, every half-life is as good.
        ->and(HalfLifeFit::of(fadingReps(60, 300, 10, 0.6, 0.0))->isOpen())->toBeTrue();
});

it('says something where but one end of its interval is out of sight', function (): void {
    mt_srand(7);
    $slow = HalfLifeFit::of(fadingReps(5000, 300, 12));
    $fast = HalfLifeFit::of(fadingReps(3, 300, 12));

    expect($slow->low)->toBeGreaterThan(HalfLifeFit::SHORTEST)
        ->and($slow->high)->toBeGreaterThanOrEqual(HalfLifeFit::LONGEST)
        ->and($slow->isOpen())->toBeFalse()
        ->and($slow->ends())->toEqual([
            'low' => Text::of('evidence.half-life.days', ['days' => (int) round($slow->low)]),
            'high' => Text::of('evidence.half-life.or-more', ['days' => 365]),
        ])
        ->and($fast->low)->toBeLessThanOrEqual(HalfLifeFit::SHORTEST)
        ->and($fast->high)->toBeLessThan(HalfLifeFit::LONGEST)
        ->and($fast->isOpen())->toBeFalse()
        ->and($fast->ends())->toEqual([
            'low' => Text::of('evidence.half-life.or-less', ['days' => 7]),
            'high' => Text::of('evidence.half-life.days', ['days' => (int) round($fast->high)]),
        ]);
});

it('finds the two times of a reaction, with their errors', function (): void {
    // By hand: four tries at a = 1, b = 0 of 0.2 and 0.4, four at a = 1, b = 2 of 0.5 and 0.7: a = .3, b = (.6 − .3) ÷
    // 2 = .15.
    $tries = [[1, 0, 0.2], [1, 0, 0.4], [1, 0, 0.2], [1, 0, 0.4], [1, 2, 0.5], [1, 2, 0.7], [1, 2, 0.5], [1, 2, 0.7]];
    $fit = ReactionFit::of($tries);

    // Residuals are all .1: variance 8 · .01 ÷ 6; Σa² = 8, Σab = 8, Σb² = 16, apart 64: errors √(s² 16 ÷ 64), √(s² 8 ÷
    // 64).
    expect([$fit->base, $fit->perBit, $fit->count])->toEqualWithDelta([0.3, 0.15, 8], 1e-12)
        ->and([$fit->baseError, $fit->perBitError])
        ->toEqualWithDelta([sqrt((0.08 / 6) * 0.25), sqrt((0.08 / 6) * 0.125)], 1e-12);
});

it('cannot tell the two apart where no choice differs, or of few', function (): void {
    expect(ReactionFit::of(array_fill(0, 20, [1.0, 2.0, 0.5])))->toBeNull()
        ->and(ReactionFit::of(array_fill(0, 20, [0.0, 0.0, 0.5])))->toBeNull()
        ->and(ReactionFit::of([[1, 0, 0.2], [1, 2, 0.5]]))->toBeNull();
});

it(
    'finds each time of a reaction of simulated schools within two errors in at least ninety of a hundred',
    function (): void {
        mt_srand(9);
        $normal = static fn (): float => sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 1)))
            * cos((2 * M_PI * mt_rand()) / mt_getrandmax());
        $found = ['base' => 0, 'bit' => 0];
        foreach (range(1, 100) as $school) {
            $tries = array_map(static function () use ($normal): array {
                [$a, $bits] = [mt_rand(0, 1), mt_rand(0, 4)];

                return [(float) $a, (float) $bits, 0.25 * $a + 0.15 * $bits + 0.2 * $normal()];
            }, range(1, 80));
            $fit = ReactionFit::of($tries);
            $found['base'] += abs($fit->base - 0.25) <= 2 * $fit->baseError ? 1 : 0;
            $found['bit'] += abs($fit->perBit - 0.15) <= 2 * $fit->perBitError ? 1 : 0;
        }

        expect(min($found))->toBeGreaterThanOrEqual(90);
    },
);
