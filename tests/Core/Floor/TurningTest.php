<?php

declare(strict_types=1);

use Tests\Core\Floor\OnTheFloor;

it('turns with a strike until the target is in its arc', function (
    string $beat,
    float $turn,
    float $leaves,
    float $seconds,
): void {
    // Held at the shoulder from 6, facing 12: straight behind.
    $frame = OnTheFloor::run('shoulder-behind', ['hand' => 'right', 'bearing' => '6', 'notice' => 'off-guard'], $beat)
        ->mainLine[0];

    expect($frame->hits[0]->aim->turn)->toEqualWithDelta($turn, 1e-9)
        ->and($frame->positions()->defender->facing)->toEqualWithDelta($leaves, 1e-9)
        ->and($frame->hits[0]->aim->isInArc)->toBeTrue()
        ->and($frame->seconds())->toEqualWithDelta($seconds, 1e-9);
})->with([
    'a hand, toward its own side' => ['right palm chin', 70, 70, 0.25 + 25 / 360],
    'the other hand' => ['left palm chin', -70, 290, 0.25 + 25 / 360],
    'an elbow goes any way' => ['right elbow ribs', 0, 0, 0.25],
    'a side kick, beside, and a little further after it' => ['right side kick groin', 90, 120, 0.5 + 45 / 360],
    'a hook kick on the left' => ['left hook kick groin', -90, 240, 0.5 + 45 / 360],
    'a back kick is there already' => ['right back kick groin', 0, 0, 0.5],
    'a hand at the holding hand' => ['left punch wrist', 0, 0, 0.25],
]);

it('turns nothing where the facing is written', function (): void {
    // The attacker is on the left; without it the feet turn the defender by 90° and the palm is in its arc.
    $beat = 'left foot step 12 0.1 m%s, right palm chin';
    $free = OnTheFloor::run('blocking-way', ['bearing' => '9', 'notice' => 'off-guard'], sprintf($beat, ''))
        ->mainLine[0];
    $fixed = OnTheFloor::run('blocking-way', ['bearing' => '9', 'notice' => 'off-guard'], sprintf($beat, ' facing 1'))
        ->mainLine[0];

    expect($free->hits[0]->aim->isInArc)->toBeTrue()
        ->and($fixed->positions()->defender->facing)->toBe(30.0)
        ->and($fixed->hits[0]->aim->turn)->toBe(0.0)
        ->and($fixed->hits[0]->aim->isInArc)->toBeFalse()
        // Only in that beat.
        ->and(
            OnTheFloor::run(
                'blocking-way',
                ['bearing' => '9', 'notice' => 'off-guard'],
                "left foot step 12 0.1 m facing 1\nright palm chin",
            )->mainLine[1]->hits[0]->aim->turn,
        )
        ->not->toBe(0.0);
});

it('turns the back for a back kick', function (): void {
    $frame = OnTheFloor::run('blocking-way', ['bearing' => '12'], 'left back kick groin')->mainLine[0];

    expect($frame->hits[0]->aim->turn)->toEqualWithDelta(-180, 1e-9)
        ->and($frame->positions()->defender->facing)->toEqualWithDelta(150, 1e-9)
        ->and($frame->seconds())->toEqualWithDelta(0.5 + 135 / 360, 1e-9);
});

it('turns nobody who is held fast, or lies', function (string $kind, array $values, string $beat): void {
    $frame = OnTheFloor::run($kind, $values, $beat)->mainLine[0];

    expect($frame->hits[0]->aim->turn)->toBe(0.0)
        ->and($frame->hits[0]->aim->isInArc)->toBeFalse();
})->with([
    'a hug' => ['hug-behind-free', ['hand' => 'both', 'bearing' => '6', 'notice' => 'off-guard'], 'right palm chin'],
    'a choke from behind' => [
        'throat-behind',
        ['hand' => 'both', 'bearing' => '6', 'notice' => 'off-guard'],
        'right palm chin',
    ],
    'on the back' => [
        'ground-standing',
        ['hand' => 'none', 'bearing' => '6', 'notice' => 'off-guard'],
        'right palm chin',
    ],
]);

it('kicks from where the other foot has stepped, after it', function (): void {
    // .53 · 1.68 = .8904 from the hip reaches √(.8904² − .084²) = .88643. The threat comes to 1.58 m, the usual step to
    // .588: .5 cm short, so the step is 1 cm longer.
    $frame = OnTheFloor::run('closing-in', ['bearing' => '12'], 'left foot step 12, right front kick groin', 1.68, 1.68)
        ->mainLine[0];

    expect($frame->movement->strides[0]->metres)->toEqualWithDelta(0.598, 1e-9)
        ->and($frame->hits[0]->measure->margin)->toEqualWithDelta(0.88643 - (1.58 - 0.598 - 0.1008), 1e-4)
        ->and($frame->seconds())->toEqualWithDelta(0.35 + 0.5, 1e-9);
});
