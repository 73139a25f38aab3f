<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Pressure\Ladder;
use StoneDrill\Core\Pressure\Outcome;
use StoneDrill\Core\Pressure\Proof;
use StoneDrill\Core\Pressure\Prover;
use StoneDrill\Core\Pressure\Rep;
use StoneDrill\Core\Pressure\Source;

const NOW = '2026-11-24T20:00:00+00:00';

/** A rep so many days before now. */
function rep(int $rung, string $outcome, float $days = 0.0, string $side = 'written', ?string $replaces = null, Source $source = Source::Seen, ?string $id = null): Rep
{
    static $number = 0;
    $at = (new DateTimeImmutable(NOW))->modify(sprintf('-%d seconds', (int) round($days * 86_400)));

    return new Rep($id ?? sprintf('00000000-0000-4000-8000-%012d', ++$number), 'ada', 'it', Side::from($side), $rung, Outcome::from($outcome), $at, source: $source, replaces: $replaces);
}

/** @return array<int, Proof> by rung, of the written side */
function proofs(array $reps, string $at = NOW): array
{
    $proofs = (new Prover(Ladder::builtIn()))->prove($reps, [attack()], new DateTimeImmutable($at));

    return array_column(array_filter($proofs, fn (Proof $proof): bool => $proof->side === Side::Written), null, 'rung');
}

it('counts success below and failure above', function (): void {
    // A clean rep at rung 3 today, a late one at rung 2 sixty days ago, which weighs a half.
    $proofs = proofs([rep(3, 'clean'), rep(2, 'late', 60)]);

    expect($proofs[1]->weight)->toEqualWithDelta(1.0, 1e-12)
        ->and($proofs[1]->lower)->toEqualWithDelta(0.351357198026, 1e-9) // Beta(1.5, 0.5)
        ->and($proofs[2]->weight)->toEqualWithDelta(1.5, 1e-12)
        ->and($proofs[2]->lower)->toEqualWithDelta(0.1 ** (2 / 3), 1e-9) // Beta(1.5, 1): x^1.5
        ->and($proofs[3]->lower)->toEqualWithDelta(0.1 ** (2 / 3), 1e-9)
        ->and($proofs[4]->weight)->toEqualWithDelta(0.5, 1e-12)
        ->and($proofs[4]->lower)->toEqualWithDelta(0.01, 1e-9) // Beta(0.5, 1): √x
        ->and($proofs)->toHaveCount(7);
});

it('splits half a credit', function (): void {
    $proofs = proofs([rep(2, 'scraped')]);

    expect($proofs[1]->lower)->toEqualWithDelta(0.19, 1e-9) // Beta(1, 0.5): 1 − √(1 − x)
        ->and($proofs[2]->lower)->toEqualWithDelta(0.1, 1e-9) // Beta(1, 1)
        ->and($proofs[3]->lower)->toEqualWithDelta(0.01, 1e-9) // Beta(0.5, 1)
        ->and($proofs[3]->weight)->toEqualWithDelta(0.5, 1e-12);
});

it('credits each outcome', function (string $outcome, ?float $credit): void {
    expect(Outcome::from($outcome)->credit())->toBe($credit);
})->with([['clean', 1.0], ['scraped', 0.5], ['recovered', 0.5], ['late', 0.0], ['hit', 0.0], ['froze', 0.0], ['stopped', null]]);

it('holds after three fresh clean reps, and not after two', function (): void {
    $three = proofs([rep(4, 'clean'), rep(4, 'clean'), rep(4, 'clean')]);
    $two = proofs([rep(4, 'clean'), rep(4, 'clean')]);

    expect(round($three[4]->lower, 3))->toBe(0.661)
        ->and($three[4]->state->value)->toBe('holds')
        ->and(array_keys($three))->toBe([1, 2, 3, 4])
        ->and(round($two[4]->lower, 3))->toBe(0.552)
        ->and($two[4]->state->value)->toBe('building')
        ->and($two[4]->fadesOn)->toBeNull();
});

// The first day d on which I_0.6(½ + A·2^(−d/60), ½ + B·2^(−d/60)) exceeds 0.1, by quadrature, day after day.
it('fades on the first day that the bound is below', function (array $outcomes, string $day): void {
    $proofs = proofs(array_map(fn (string $outcome): Rep => rep(1, $outcome), $outcomes));

    expect($proofs[1]->fadesOn?->format('Y-m-d'))->toBe($day);
})->with([
    'three clean: 21 days' => [['clean', 'clean', 'clean'], '2026-12-15'],
    'twelve clean: 141 days' => [array_fill(0, 12, 'clean'), '2027-04-14'],
    'six clean and one scraped: 61 days' => [[...array_fill(0, 6, 'clean'), 'scraped'], '2027-01-24'],
]);

it('is held on the day before it fades', function (): void {
    $reps = [rep(1, 'clean'), rep(1, 'clean'), rep(1, 'clean')];

    expect(proofs($reps, '2026-12-14T20:00:00+00:00')[1]->state->value)->toBe('holds')
        ->and(proofs($reps, '2026-12-15T20:00:00+00:00')[1]->state->value)->toBe('faded');
});

it('tells the states apart', function (array $reps, string $state): void {
    expect(proofs($reps)[2]->state->value)->toBe($state);
})->with([
    'one clean' => [fn () => [rep(2, 'clean')], 'building'],
    'one hit: 90 % quantile .649' => [fn () => [rep(2, 'hit')], 'building'],
    'two hits: 90 % quantile .448' => [fn () => [rep(2, 'hit'), rep(2, 'froze')], 'failing'],
    'held forty days ago' => [fn () => [rep(2, 'clean', 40), rep(2, 'clean', 40), rep(2, 'clean', 40)], 'faded'],
    'held once, failing now' => [fn () => [rep(2, 'clean', 300), rep(2, 'clean', 300), rep(2, 'clean', 300), rep(2, 'hit'), rep(2, 'hit')], 'failing'],
    'held between two failures' => [fn () => [rep(2, 'clean', 30), rep(2, 'clean', 30), rep(2, 'clean', 30), rep(2, 'late')], 'faded'],
]);

it('ages by whole days', function (float $days, float $weight): void {
    expect(proofs([rep(1, 'clean', $days)])[1]->weight)->toEqualWithDelta($weight, 1e-12);
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
    $reps = [rep(1, 'hit', 2), ...array_map(fn (): Rep => rep(3, 'clean'), $clean)];

    expect(proofs($reps)[1]->lower)->toEqualWithDelta(0.895487802655, 1e-9) // Beta(12.5, 0.5)
        ->and(proofs($reps)[1]->weight)->toEqualWithDelta(12.0, 1e-12);
});

it('leaves out what does not count', function (array $more): void {
    expect(proofs([rep(2, 'clean', id: '00000000-0000-4000-8000-00000000aaaa'), ...$more])[2]->weight)->toEqualWithDelta(1.0, 1e-12);
})->with([
    'broken off' => [fn () => [rep(2, 'stopped')]],
    'at home' => [fn () => [rep(2, 'hit', source: Source::Home)]],
    'later than the date' => [fn () => [rep(2, 'hit', -0.01)]],
    'the other side' => [fn () => [rep(2, 'hit', side: 'mirrored')]],
]);

it('reads a correction in place of what it replaces', function (): void {
    $wrong = '00000000-0000-4000-8000-00000000aaaa';
    $again = '00000000-0000-4000-8000-00000000bbbb';
    $reps = [rep(2, 'hit', id: $wrong), rep(2, 'late', replaces: $wrong, id: $again), rep(2, 'clean', replaces: $again)];

    expect(proofs($reps)[2]->lower)->toEqualWithDelta(0.351357198026, 1e-9); // one clean: Beta(1.5, 0.5)
});

it('takes both sides of a symmetric attack as one', function (): void {
    $hug = attack('hug-behind-free', ['hand' => 'both', 'bearing' => '6'], 'it');
    $proofs = (new Prover(Ladder::builtIn()))->prove([rep(1, 'clean'), rep(1, 'clean', side: 'mirrored')], [$hug], new DateTimeImmutable(NOW));

    expect($proofs)->toHaveCount(1)
        ->and($proofs[0]->side)->toBe(Side::Written)
        ->and($proofs[0]->weight)->toEqualWithDelta(2.0, 1e-12);
});

it('gives the same in whatever order the reps come', function (): void {
    $reps = [rep(3, 'clean', 9), rep(2, 'late', 30), rep(4, 'scraped', 1), rep(3, 'clean', 2), rep(1, 'hit', 80)];

    expect(proofs(array_reverse($reps)))->toEqual(proofs($reps));
});
