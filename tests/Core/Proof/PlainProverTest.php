<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Prover;
use StoneDrill\Core\Proof\Rep;
use Tests\Support\Made;

/*
 * Proof written out a second time, as plainly as the rules say it: no window but a slice, no distribution but Simpson's
 * rule on its density, days counted one by one.
 */

/** I_x(a, b) by Simpson's rule over θ, x = sin²θ; good to nine places for a, b ≥ ½. */
function plainBeta(float $a, float $b, float $x): float
{
    $area = static function (float $to) use ($a, $b): float {
        // sin θ = t^k smooths the end at which the exponent is small.
        $density = static fn (float $angle): float => 2 * sin($angle) ** (2 * $a - 1) * cos($angle) ** (2 * $b - 1);
        $steps = 400;
        $sum = 0.0;
        for ($i = 0; $i <= $steps; $i++) {
            $u = $i / $steps;
            $angle = $to * $u ** 3 * (10 - 15 * $u + 6 * $u ** 2);
            $slope = $to * 30 * $u ** 2 * (1 - $u) ** 2;
            $weight = $i === 0 || $i === $steps ? 1 : ($i % 2 === 1 ? 4 : 2);
            $sum += $slope === 0.0 ? 0.0 : $weight * $density($angle) * $slope;
        }

        return $sum / (3 * $steps);
    };

    return $area(asin(sqrt($x))) / $area(M_PI / 2);
}

/** @return array{float, float} α and β of a rung at a moment */
function plainShape(array $reps, int $rung, int $now): array
{
    $counted = array_filter($reps, fn (array $rep): bool => $rep['at'] <= $now && $rep['credit'] !== null);
    usort($counted, fn (array $a, array $b): int => $b['at'] <=> $a['at']);
    $alpha = $beta = 0.5;
    foreach (array_slice($counted, 0, 12) as $rep) {
        $weight = 0.5 ** (floor(($now - $rep['at']) / 86_400) / 60);
        $alpha += $rep['rung'] >= $rung ? $weight * $rep['credit'] : 0;
        $beta += $rep['rung'] <= $rung ? $weight * (1 - $rep['credit']) : 0;
    }

    return [$alpha, $beta];
}

function plainState(array $reps, int $rung, int $now): string
{
    $holds = fn (int $at): bool => plainBeta(...[...plainShape($reps, $rung, $at), 0.6]) <= 0.1;
    if ($holds($now)) {
        return 'holds';
    }
    if (plainBeta(...[...plainShape($reps, $rung, $now), 0.5]) > 0.9) {
        return 'failing';
    }
    foreach ($reps as $rep) {
        if ($rep['credit'] !== null && $rep['at'] <= $now && $holds($rep['at'])) {
            return 'faded';
        }
    }

    return 'building';
}

it('knows its own rule before it is used', function (): void {
    expect(plainBeta(2, 2, 0.3))->toEqualWithDelta(0.216, 1e-9)
        ->and(plainBeta(0.5, 0.5, 0.2))->toEqualWithDelta(2 / M_PI * asin(sqrt(0.2)), 1e-9)
        ->and(plainBeta(3.5, 0.5, 0.6))->toEqualWithDelta(0.067583293823, 1e-9);
});

it('agrees with proof written out plainly', function (int $seed): void {
    mt_srand($seed);
    $now = gmmktime(12, 0, 0, 11, 24, 2026);
    $plain = $reps = [];
    $skill = mt_rand(20, 95);
    for ($i = mt_rand(1, 25); $i > 0; $i--) {
        $outcome = mt_rand(0, 99) < $skill ? 'clean' : ['scraped', 'recovered', 'late', 'hit', 'froze', 'stopped'][mt_rand(0, 5)];
        // Seconds apart, so that no two are at the same moment and their order is plain.
        $at = $now - mt_rand(-3, 200) * 86_400 - mt_rand(0, 80_000) - $i;
        $rung = mt_rand(1, 7);
        $plain[] = ['at' => $at, 'rung' => $rung, 'credit' => ['clean' => 1.0, 'scraped' => 0.5, 'recovered' => 0.5, 'stopped' => null][$outcome] ?? ($outcome === 'stopped' ? null : 0.0)];
        $reps[] = new Rep(sprintf('00000000-0000-4000-8000-%012d', $i), 'ada', 'it', Side::Written, $rung, Outcome::from($outcome), new DateTimeImmutable('@'.$at));
    }
    $proofs = array_column((new Prover(Ladder::builtIn()))->prove($reps, [Made::attack()], new DateTimeImmutable('@'.$now)), null, 'rung');
    foreach (range(1, 7) as $rung) {
        [$alpha, $beta] = plainShape($plain, $rung, $now);
        if ($alpha + $beta === 1.0) {
            expect($proofs)->not->toHaveKey($rung);

            continue;
        }
        expect($proofs[$rung]->weight)->toEqualWithDelta($alpha + $beta - 1, 1e-9)
            ->and(plainBeta($alpha, $beta, $proofs[$rung]->lower))->toEqualWithDelta(0.1, 1e-7)
            ->and($proofs[$rung]->state->value)->toBe(plainState($plain, $rung, $now));
        if ($proofs[$rung]->fadesOn !== null) {
            $day = intdiv($proofs[$rung]->fadesOn->getTimestamp() - $now, 86_400);
            expect(plainState(array_filter($plain, fn (array $rep): bool => $rep['at'] <= $now), $rung, $now + $day * 86_400))->not->toBe('holds')
                ->and(plainState(array_filter($plain, fn (array $rep): bool => $rep['at'] <= $now), $rung, $now + ($day - 1) * 86_400))->toBe('holds');
        }
    }
})->with(range(1, 24));

// The table of the built-in ladder: number, name, pace, attack told, moment told, resistance, follow-ups.
it('climbs the built-in ladder', function (int $id, string $name, float $pace, bool $attack, bool $moment, int $resistance, bool $follows): void {
    $rung = Ladder::builtIn()->get($id);

    expect([$rung->name, $rung->pace, $rung->attackTold, $rung->momentTold, $rung->resistance, $rung->followUps])->toBe([$name, $pace, $attack, $moment, $resistance, $follows]);
})->with([
    [1, 'Shadow', 0.25, true, true, 0, false],
    [2, 'Set', 0.5, true, true, 0, false],
    [3, 'Walk-in', 0.5, true, true, 0, false],
    [4, 'On call', 1.0, true, true, 1, false],
    [5, 'Blind start', 1.0, true, false, 1, false],
    [6, 'Open draw', 1.0, false, false, 2, false],
    [7, 'Storm', 1.0, false, false, 3, true],
]);

it('has no rung beside those', function (): void {
    Ladder::builtIn()->get(8);
})->throws(LogicException::class);
