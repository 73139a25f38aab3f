<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Frame;
use Tests\Core\Floor\OnTheFloor;
use Tests\Core\Floor\SimulationFixture;

/*
 * Two bodies of 1.68 m unless it says otherwise. A wrist held: .440 · 1.68 − .10 = .6392 m; the cap of a hold is 20 cm
 * more, .8392; least distance .06 · 3.36 = .2016; half the breadth of the hips .0955 · 1.68 = .16044.
 */

it('runs branches from after the strikes, with what they name', function (
    string $condition,
    float $distance,
    bool $isHeld,
): void {
    $frames = SimulationFixture::frames(
        'cloth-one',
        [],
        "right palm chin -> driven back\n  if {$condition}: look\nlook",
    );

    expect(array_keys($frames))->toBe([1, '1.1', 2])
        ->and($frames['1.1']->positions()->distance)->toEqualWithDelta($distance, 1e-9)
        ->and($frames['1.1']->isHeld)->toBe($isHeld)
        ->and($frames['2']->positions()->distance)->toEqualWithDelta(1.4792, 1e-9);
})->with([
    ['not', 0.6392, true],
    ['rocked', 0.8392, true],
    ['folded', 0.6392, true],
    ['gets up', 1.4792, false],
    ['far', 1.7792, false],
    ['near', 1.1792, false],
    ['second attack', 1.4792, false],
]);

it('numbers branches under their beat, one after the other', function (): void {
    $frames = SimulationFixture::frames(
        'cloth-one',
        [],
        "look\nright knee groin -> rocked\n  if not:\n    left palm chin -> rocked\n      if not: head nose\n    look\n  if far: look\nlook",
    );
    expect(array_map('strval', array_keys($frames)))->toBe(['1', '2', '2.1', '2.1.1', '2.2', '2.3', '3'])
        ->and($frames['2.1']->startsAt)->toEqualWithDelta($frames['2']->time, 1e-9)
        ->and($frames['3']->startsAt)->toEqualWithDelta($frames['2']->time, 1e-9);
});

it('adds the longest action of each beat', function (): void {
    // step .35 and palm .25 → .35 · a round kick .50, jumping .25 more · elbow twice .50 · wait .4 · leave 1.0
    $run = OnTheFloor::run(
        'closing-in',
        [],
        "left foot step 9, right palm chin\njumping right round kick ribs\nleft elbow chin x2\nwait 0.4 s\nleave 6",
    );
    expect(array_map(static fn (Frame $frame): float => round($frame->time, 9), $run->mainLine))->toBe([
        0.35,
        1.1,
        1.6,
        2.0,
        3.0,
    ]);
});
