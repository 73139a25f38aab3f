<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Prover;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Touched;
use Tests\Core\Proof\ProverFixture;
use Tests\Support\Made;

it('counts success below and failure above', function (): void {
    // A clean rep at rung 3 today, a late one at rung 2 sixty days ago, which weighs a half.
    $proofs = ProverFixture::proofs([Made::rep(3, 'clean'), Made::rep(2, 'late', 60)]);

    expect($proofs[1]->weight)->toEqualWithDelta(1.0, 1e-12)
        ->and($proofs[1]->lower)->toEqualWithDelta(0.351357198026, 1e-9) // Beta(1.5, 0.5)
        ->and($proofs[2]->weight)->toEqualWithDelta(1.5, 1e-12)
        ->and($proofs[2]->lower)
        ->toEqualWithDelta(0.1 ** (2 / 3), 1e-9) // Beta(1.5, 1): x^1.5
        ->and($proofs[3]->lower)->toEqualWithDelta(0.1 ** (2 / 3), 1e-9)
        ->and($proofs[4]->weight)->toEqualWithDelta(0.5, 1e-12)
        ->and($proofs[4]->lower)
        ->toEqualWithDelta(0.01, 1e-9) // Beta(0.5, 1): √x
        ->and($proofs)->toHaveCount(7);
});

it('splits half a credit', function (): void {
    $proofs = ProverFixture::proofs([Made::rep(2, 'scraped')]);

    expect($proofs[1]->lower)->toEqualWithDelta(0.19, 1e-9) // Beta(1, 0.5): 1 − √(1 − x)
        ->and($proofs[2]->lower)->toEqualWithDelta(0.1, 1e-9) // Beta(1, 1)
        ->and($proofs[3]->lower)->toEqualWithDelta(0.01, 1e-9) // Beta(0.5, 1)
        ->and($proofs[3]->weight)->toEqualWithDelta(0.5, 1e-12);
});

it('credits each outcome, what is in between as the school does', function (
    string $outcome,
    ?Touched $touched,
    ?float $usual,
    ?float $own,
): void {
    $rules = new ProofRules(credits: new Credits(arm: 1.0, body: 0.0, recovered: 0.0));

    expect((new ProofRules())->credit(Outcome::from($outcome), $touched))->toBe($usual)
        ->and($rules->credit(Outcome::from($outcome), $touched))->toBe($own)
        ->and(Outcome::from($outcome)->counts())->toBe($usual !== null);
})->with([
    ['clean', null, 1.0, 1.0], ['clean', Touched::Body, 1.0, 1.0],
    ['scraped', null, 0.5, 1.0], ['scraped', Touched::Arm, 0.5, 1.0], ['scraped', Touched::Body, 0.5, 0.0],
    ['scraped', Touched::Head, 0.5, 0.0], ['recovered', Touched::Arm, 0.5, 0.0],
    ['late', null, 0.0, 0.0], ['hit', Touched::Head, 0.0, 0.0], ['froze', null, 0.0, 0.0],
    ['stopped', Touched::Body, null, null],
]);

it('holds after three fresh clean reps, and not after two', function (): void {
    $three = ProverFixture::proofs([Made::rep(4, 'clean'), Made::rep(4, 'clean'), Made::rep(4, 'clean')]);
    $two = ProverFixture::proofs([Made::rep(4, 'clean'), Made::rep(4, 'clean')]);

    expect(round($three[4]->lower, 3))->toBe(0.661)
        ->and($three[4]->state->value)->toBe('holds')
        ->and(array_keys($three))->toBe([1, 2, 3, 4])
        ->and(round($two[4]->lower, 3))->toBe(0.552)
        ->and($two[4]->state->value)->toBe('building')
        ->and($two[4]->fadesOn)->toBeNull();
});

// The first day d on which I_0.6(½ + A·2^(−d/60), ½ + B·2^(−d/60)) exceeds 0.1, by quadrature, day after day.
it('fades on the first day that the bound is below', function (array $outcomes, string $day): void {
    $proofs = ProverFixture::proofs(array_map(fn (string $outcome): Rep => Made::rep(1, $outcome), $outcomes));

    expect($proofs[1]->fadesOn?->format('Y-m-d'))->toBe($day);
})->with([
    'three clean: 21 days' => [['clean', 'clean', 'clean'], '2026-12-15'],
    'twelve clean: 141 days' => [array_fill(0, 12, 'clean'), '2027-04-14'],
    'six clean and one scraped: 61 days' => [[...array_fill(0, 6, 'clean'), 'scraped'], '2027-01-24'],
]);

it('is held on the day before it fades', function (): void {
    $reps = [Made::rep(1, 'clean'), Made::rep(1, 'clean'), Made::rep(1, 'clean')];

    expect(ProverFixture::proofs($reps, '2026-12-14T20:00:00+00:00')[1]->state->value)->toBe('holds')
        ->and(ProverFixture::proofs($reps, '2026-12-15T20:00:00+00:00')[1]->state->value)->toBe('faded');
});

it('tells the states apart', function (array $reps, string $state): void {
    expect(ProverFixture::proofs($reps)[2]->state->value)->toBe($state);
})->with([
    'one clean' => [fn () => [Made::rep(2, 'clean')], 'building'],
    'one hit: 90 % quantile .649' => [fn () => [Made::rep(2, 'hit')], 'building'],
    'two hits: 90 % quantile .448' => [fn () => [Made::rep(2, 'hit'), Made::rep(2, 'froze')], 'failing'],
    'held forty days ago' => [
        fn () => [Made::rep(2, 'clean', 40), Made::rep(2, 'clean', 40), Made::rep(2, 'clean', 40)],
        'faded',
    ],
    'held once, failing now' => [
        fn () => [
            Made::rep(2, 'clean', 300),
            Made::rep(2, 'clean', 300),
            Made::rep(2, 'clean', 300),
            Made::rep(2, 'hit'),
            Made::rep(2, 'hit'),
        ],
        'failing',
    ],
    'held between two failures' => [
        fn () => [
            Made::rep(2, 'clean', 30),
            Made::rep(2, 'clean', 30),
            Made::rep(2, 'clean', 30),
            Made::rep(2, 'late'),
        ],
        'faded',
    ],
]);

it('ages by whole days', function (float $days, float $weight): void {
    expect(ProverFixture::proofs([Made::rep(1, 'clean', $days)])[1]->weight)->toEqualWithDelta($weight, 1e-12);
})->with([
    'just now' => [0.0, 1.0],
    'a second short of a day' => [1 - 1 / 86_400, 1.0],
    'a day' => [1.0, 2 ** (-1 / 60)],
    'a second short of sixty days' => [60 - 1 / 86_400, 2 ** (-59 / 60)],
    'sixty days' => [60.0, 0.5],
    'a hundred and twenty' => [120.0, 0.25],
]);

it('reads the latest twelve only, whatever their rung', function (): void {
    $clean = array_fill(0, 12, null);
    $reps = [Made::rep(1, 'hit', 2), ...array_map(fn (): Rep => Made::rep(3, 'clean'), $clean)];

    expect(ProverFixture::proofs($reps)[1]->lower)->toEqualWithDelta(0.895487802655, 1e-9) // Beta(12.5, 0.5)
        ->and(ProverFixture::proofs($reps)[1]->weight)->toEqualWithDelta(12.0, 1e-12);
});

it('leaves out what does not count', function (array $more): void {
    expect(
        ProverFixture::proofs([Made::rep(2, 'clean', id: '00000000-0000-4000-8000-00000000aaaa'), ...$more])[2]->weight,
    )->toEqualWithDelta(1.0, 1e-12);
})->with([
    'broken off' => [fn () => [Made::rep(2, 'stopped')]],
    'at home' => [fn () => [Made::rep(2, 'hit', source: Source::Home)]],
    'later than the date' => [fn () => [Made::rep(2, 'hit', -0.01)]],
    'the other side' => [fn () => [Made::rep(2, 'hit', side: 'mirrored')]],
]);

it('reads a correction in place of what it replaces', function (): void {
    $wrong = '00000000-0000-4000-8000-00000000aaaa';
    $again = '00000000-0000-4000-8000-00000000bbbb';
    $reps = [
        Made::rep(2, 'hit', id: $wrong),
        Made::rep(2, 'late', replaces: $wrong, id: $again),
        Made::rep(2, 'clean', replaces: $again),
    ];

    expect(ProverFixture::proofs($reps)[2]->lower)->toEqualWithDelta(0.351357198026, 1e-9); // one clean: Beta(1.5, 0.5)
});

it('takes both sides of a symmetric attack as one', function (): void {
    $hug = Made::attack('hug-behind-free', ['hand' => 'both', 'bearing' => '6'], 'it');
    $proofs = (new Prover(Ladder::builtIn()))->prove(
        [Made::rep(1, 'clean'), Made::rep(1, 'clean', side: 'mirrored')],
        [$hug],
        new DateTimeImmutable(Made::NOW),
    );

    expect($proofs)->toHaveCount(1)
        ->and($proofs[0]->side)->toBe(Side::Written)
        ->and($proofs[0]->weight)->toEqualWithDelta(2.0, 1e-12);
});

it('gives the same in whatever order the reps come', function (): void {
    $reps = [
        Made::rep(3, 'clean', 9),
        Made::rep(2, 'late', 30),
        Made::rep(4, 'scraped', 1),
        Made::rep(3, 'clean', 2),
        Made::rep(1, 'hit', 80),
    ];

    expect(ProverFixture::proofs(array_reverse($reps)))->toEqual(ProverFixture::proofs($reps));
});
