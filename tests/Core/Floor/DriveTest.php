<?php

declare(strict_types=1);

use Tests\Core\Floor\OnTheFloor;

/*
 * Figures by hand. Both bodies 1.68 m where nothing else is said; a hold at the arm .6392 m away; shoulder .21672, hip
 * .16044 to the side; the body's surface .1008 before its axis.
 */

it('carries the body along for what is missing', function (): void {
    // √(.31248² − .08736²) + .12523 = .42525 of √(.6392² + .21672²) − .1008 = .57414: 14.9 cm short, of at most .12 H.
    $frame = OnTheFloor::run('arm-one', ['hand' => 'left'], 'right elbow chin', 1.68, 1.68)->mainLine[0];
    [$hit, $axis] = [$frame->hits[0], $frame->positions()->defender->feet->axis];

    expect($hit->measure->margin)->toEqualWithDelta(-0.14889, 1e-4)
        ->and($hit->measure->drive)->toEqualWithDelta(0.14889, 1e-4)
        ->and($hit->measure->sum())->toEqualWithDelta(0.0, 1e-9)
        ->and($hit->reaches())->toBeTrue()
        ->and([$axis->x, $axis->y])->toEqualWithDelta([-0.04781, 0.14101], 1e-4);
});

it('goes no farther than a strike carries', function (string $beats, float $drive, float $sum): void {
    $line = OnTheFloor::run('arm-one', ['hand' => 'left'], $beats, 1.68, 1.68)->mainLine;
    $hit = $line[count($line) - 1]->hits[0];

    expect($hit->measure->drive)->toEqualWithDelta($drive, 1e-4)
        ->and($hit->measure->sum())->toEqualWithDelta($sum, 1e-4);
})->with([
    // √(.2016² − .1344²) = .15026 of .5384.
    'the head .12 H' => ['head nose', 0.2016, 0.15026 + 0.2016 - 0.5384],
    // From .8392: .4116 of √(.8392² + .16044²) − .1008 = .7536.
    'a knee .25 H' => ["right palm chin -> rocked\nright knee groin", 0.342, 0.0],
    'a stomp not at all' => ['right stomp instep', 0.0, -0.21889],
    'nothing while a foot moves' => ['left foot step 6 0.1 m, head nose', 0.0, 0.15026 - 0.5384 - 0.05],
]);

it('brings no body nearer than two bodies stand', function (): void {
    // .12 · 1.25 = .15 at .13431 above the neck reaches .0668 of .115; between the axes .04 are left.
    $hit = OnTheFloor::run('hug-front-free', ['hand' => 'both'], 'head kidney', 1.25, 1.89)->mainLine[0]->hits[0];

    expect($hit->measure->drive)->toEqualWithDelta(0.04, 1e-9)
        ->and($hit->measure->sum())->toEqualWithDelta(-0.0082, 1e-3)
        ->and($hit->reaches())->toBeFalse();
});

it('takes a target that it gets to with the body carried along', function (): void {
    expect(
        OnTheFloor::run('arm-one', ['hand' => 'left'], 'head nose or chin', 1.68, 1.68)->mainLine[0]->hits[0]->target
            ->value,
    )
        ->toBe('nose')
        ->and(
            OnTheFloor::run('arm-one', ['hand' => 'left'], 'right elbow spine or chin', 1.68, 1.68)->mainLine[0]
                ->hits[0]->target->value,
        )
        ->toBe('chin');
});
