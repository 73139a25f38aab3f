<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Checks\Timing;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Curriculum\Reaction;
use Tests\Core\Floor\OnTheFloor;

it('knows when an attack arrives', function (string $kind, array $values, ?float $arrival): void {
    $of = Kinds::builtIn()->get($kind);
    $found = Timing::arrival($of, OnTheFloor::facets($of, ['phase' => 'reaching', ...$values]));

    expect($found === null ? null : round($found, 9))->toBe($arrival);
})->with([
    ['punch-straight', [], 0.45],
    ['punch-straight', ['entry' => 'stand'], 0.3],
    ['punch-straight', ['entry' => 'through'], 0.65],
    ['slap', [], 0.45],
    ['punch-rising', [], 0.45],
    ['punch-low', [], 0.45],
    ['swing', [], 0.6],
    ['kick-front', [], 0.6],
    ['kick-round', ['entry' => 'stand'], 0.45],
    ['punch-behind', ['bearing' => '6'], 0.7],
    ['push-two', [], 0.5],
    ['dive-legs', [], 0.8],
    ['wrist-same', [], 0.5],
    ['throat-front', [], 0.6],
    ['hug-behind-free', ['bearing' => '6'], 0.6],
    ['headlock-side', ['bearing' => '3'], 0.7],
    ['clinch-trip', [], 0.7],
    'has landed' => ['wrist-same', ['phase' => 'landed'], null],
    'moves already' => ['wrist-same', ['phase' => 'moving'], null],
    'has been made' => ['punch-straight', ['phase' => 'follow-up'], null],
    'only threatens' => ['closing-in', [], null],
    'lies on the ground' => ['ground-standing', ['bearing' => '6'], null],
]);

it('reacts the slower the more there is to choose from', function (?int $rung, float $bits, float $seconds): void {
    expect((new Reaction())->seconds($bits, $rung === null ? null : Ladder::builtIn()->get($rung)))->toEqualWithDelta(
        $seconds,
        1e-12,
    );
})->with([
    'nothing told, one thing' => [null, 0.0, 0.25],
    'nothing told, eight' => [null, 3.0, 0.7],
    'all told' => [4, 3.0, 0.0],
    'the attack told, the moment hidden' => [5, 3.0, 0.25],
    'an open draw' => [6, 3.0, 0.7],
]);

it('leaves time to spare, or does not', function (): void {
    // A punch takes .45, a step .35: with a quarter to react it is .15 late; walked in at half pace and told, .20 is
    // left.
    expect(Timing::spare(0.45, new Reaction(), 0.0, 0.35, null))->toEqualWithDelta(-0.15, 1e-12)
        ->and(Timing::spare(0.45, new Reaction(), 0.0, 0.35, Ladder::builtIn()->get(3)))->toEqualWithDelta(0.2, 1e-12);
});

it('tells from how much farther it must be seen', function (): void {
    // .15 s at 2.5 m/s; nothing where there is time; at half pace half as far.
    expect(Timing::warning(-0.15, null))->toEqualWithDelta(0.375, 1e-12)
        ->and(Timing::warning(0.1, null))->toBe(0.0)
        ->and(Timing::warning(-0.2, Ladder::builtIn()->get(3)))->toEqualWithDelta(0.25, 1e-12);
});

it('reckons with what a school found', function (): void {
    // .3 + .1 · 2 bits = .5 s; .45 − .35 − .5.
    expect((new Reaction(0.3, 0.1))->seconds(2.0, null))->toEqualWithDelta(0.5, 1e-12)
        ->and(Timing::spare(0.45, new Reaction(0.3, 0.1), 2.0, 0.35, null))->toEqualWithDelta(-0.4, 1e-12);
});
