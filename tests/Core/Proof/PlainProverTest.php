<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Prover;
use StoneDrill\Core\Proof\Rep;
use Tests\Core\Proof\PlainProverFixture;
use Tests\Support\Made;

/*
 * Proof written out a second time, as plainly as the rules say it: no window but a slice, no distribution but Simpson's
 * rule on its density, days counted one by one.
 */

it('knows its own rule before it is used', function (): void {
    expect(PlainProverFixture::plainBeta(2, 2, 0.3))->toEqualWithDelta(0.216, 1e-9)
        ->and(PlainProverFixture::plainBeta(0.5, 0.5, 0.2))->toEqualWithDelta((2 / M_PI) * asin(sqrt(0.2)), 1e-9)
        ->and(PlainProverFixture::plainBeta(3.5, 0.5, 0.6))->toEqualWithDelta(0.067583293823, 1e-9);
});

it('agrees with proof written out plainly', function (int $seed): void {
    mt_srand($seed);
    $now = gmmktime(12, 0, 0, 11, 24, 2026);
    $plain = $reps = [];
    $skill = mt_rand(20, 95);
    for ($i = mt_rand(1, 25); $i > 0; $i--) {
        $outcome = mt_rand(0, 99) < $skill
            ? 'clean'
            : ['scraped', 'recovered', 'late', 'hit', 'froze', 'stopped'][mt_rand(0, 5)];
        // Seconds apart, so that no two are at the same moment and their order is plain.
        $at = $now - mt_rand(-3, 200) * 86_400 - mt_rand(0, 80_000) - $i;
        $rung = mt_rand(1, 7);
        $plain[] = [
            'at' => $at,
            'rung' => $rung,
            'credit' => ['clean' => 1.0, 'scraped' => 0.5, 'recovered' => 0.5, 'stopped' => null][$outcome]
            ?? ($outcome === 'stopped' ? null : 0.0),
        ];
        $reps[] = new Rep(
            sprintf('00000000-0000-4000-8000-%012d', $i),
            'ada',
            'it',
            Side::Written,
            $rung,
            Outcome::from($outcome),
            new DateTimeImmutable('@'.$at),
        );
    }
    $proofs = array_column(
        (new Prover(Ladder::builtIn()))->prove($reps, [Made::attack()], new DateTimeImmutable('@'.$now)),
        null,
        'rung',
    );
    foreach (range(1, 7) as $rung) {
        [$alpha, $beta] = PlainProverFixture::plainShape($plain, $rung, $now);
        if ($alpha + $beta === 1.0) {
            expect($proofs)->not->toHaveKey($rung);

            continue;
        }
        expect($proofs[$rung]->weight)->toEqualWithDelta($alpha + $beta - 1, 1e-9)
            ->and(PlainProverFixture::plainBeta($alpha, $beta, $proofs[$rung]->lower))->toEqualWithDelta(0.1, 1e-7)
            ->and($proofs[$rung]->state->value)->toBe(PlainProverFixture::plainState($plain, $rung, $now));
        if ($proofs[$rung]->fadesOn !== null) {
            $day = intdiv($proofs[$rung]->fadesOn->getTimestamp() - $now, 86_400);
            expect(
                PlainProverFixture::plainState(
                    array_filter($plain, fn (array $rep): bool => $rep['at'] <= $now),
                    $rung,
                    $now + $day * 86_400,
                ),
            )
                ->not->toBe('holds')
                ->and(
                    PlainProverFixture::plainState(
                        array_filter($plain, fn (array $rep): bool => $rep['at'] <= $now),
                        $rung,
                        $now + ($day - 1) * 86_400,
                    ),
                )
                ->toBe('holds');
        }
    }
})->with(range(1, 24));

// The table of the built-in ladder: number, name, pace, attack told, moment told, resistance, follow-ups.
it('climbs the built-in ladder', function (
    int $id,
    string $name,
    float $pace,
    bool $attack,
    bool $moment,
    int $resistance,
    bool $follows,
): void {
    $rung = Ladder::builtIn()->get($id);

    expect([$rung->name, $rung->pace, $rung->attackTold, $rung->momentTold, $rung->resistance, $rung->followUps])->toBe(
        [$name, $pace, $attack, $moment, $resistance, $follows],
    );
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
