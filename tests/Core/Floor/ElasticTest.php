<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Verdict;
use Tests\Core\Floor\OnTheFloor;

/*
 * Figures by hand, both bodies 1.68 m. Usual step .35 H = .588; hip .0955 H = .16044; shoulder .129 H = .21672.
 */

it('takes a longer step where a strike would be short', function (): void {
    // Rocked, the hold lets the attacker go to .6392 + .20 = .8392. The elbow reaches √(.31248² − .08736²) + .12523 =
    // .42525; so the axis must come to √(.52605² − .21672²) = .47936, by half of a step of .71968: 14 cm more than
    // usual.
    $frames = OnTheFloor::run(
        'arm-one',
        ['hand' => 'left'],
        "right palm chin -> rocked\nright foot step 12, right elbow chin",
        1.68,
        1.68,
    )->mainLine;
    $stride = $frames[1]->movement->strides[0];

    expect($stride->metres)->toEqualWithDelta(0.728, 1e-9)
        ->and($stride->factor)->toEqualWithDelta(0.728 / 0.588, 1e-9)
        ->and($stride->centimetres())->toBe(73)
        ->and($frames[1]->hits[0]->measure->margin)
        ->toEqualWithDelta(0.42525 - (hypot(0.8392 - 0.364, 0.21672) - 0.1008), 1e-4)
        ->and($frames[1]->hits[0]->reaches())->toBeTrue();
});

it('takes a longer step where the attack would land', function (): void {
    // Off means .12 H = .2016 off the line. The axis of a step to 11 is .147 off; from .632 m on the feet are more than
    // .50 H apart, so the other foot comes after and the axis is .25692 off: 5 cm more than usual.
    $frame = OnTheFloor::run(
        'punch-straight',
        ['hand' => 'right', 'phase' => 'reaching'],
        'left foot step 11',
        1.68,
        1.68,
    )->mainLine[0];

    expect($frame->movement->strides[0]->metres)->toEqualWithDelta(0.638, 1e-9)
        ->and($frame->events->delivery?->verdict)->toBe(Verdict::Off)
        ->and($frame->events->delivery?->off)->toEqualWithDelta(0.05532, 1e-4);
});

it('takes no length at which the attack lands, whatever would reach there', function (
    string $strike,
    int $reach,
): void {
    // The step to 11 of before, 5 cm longer than usual. A strike at what is near reaches at every length, one at what
    // is far at none: neither makes another length of it, nor the usual one, at which the attack lands.
    $frame = OnTheFloor::run(
        'punch-straight',
        ['hand' => 'right', 'phase' => 'reaching'],
        "left foot step 11, {$strike}",
        1.68,
        1.68,
    )->mainLine[0];

    expect($frame->movement->strides[0]->metres)->toEqualWithDelta(0.638, 1e-9)
        ->and($frame->events->delivery?->verdict)->toBe(Verdict::Off)
        ->and(count(array_filter($frame->hits, static fn ($hit): bool => $hit->reaches())))->toBe($reach);
})->with([
    'nothing to reach' => ['left hand guard', 0],
    'at every length' => ['left palm chin', 1],
    'at no length' => ['head nose', 0],
    'both' => ['left palm chin, head nose', 1],
]);

it('takes the usual length where the attack lands at every one', function (): void {
    // A step to 12 goes along the line that the punch comes on: it lands at all of them, and what reaches decides
    // nothing.
    $frame = OnTheFloor::run(
        'punch-straight',
        ['hand' => 'right', 'phase' => 'reaching'],
        'left foot step 12, left hand guard',
        1.68,
        1.68,
    )->mainLine[0];

    expect($frame->events->delivery?->lands())->toBeTrue()
        ->and($frame->movement->strides[0]->factor)->toBe(1.0);
});

it('keeps the usual length where nothing fails, and where no length would do', function (string $beats): void {
    $frames = OnTheFloor::run('arm-one', ['hand' => 'left'], $beats, 1.68, 1.68)->mainLine;

    expect($frames[0]->movement->strides[0]->factor)->toBe(1.0);
})->with([
    'nothing fails' => ['right foot step 12, right palm chin'],
    // From .6392 at least .168 away, the head never gets back to the nose.
    'no length would do' => ['slide 6, head nose'],
]);

it('leaves a written length as it is', function (string $size, float $metres): void {
    $frame = OnTheFloor::run('arm-one', ['hand' => 'left'], "right foot step 12 {$size}, head nose", 1.68, 1.68)
        ->mainLine[0];

    expect($frame->movement->strides)->toBe([])
        ->and($frame->positions()->defender->feet->right->y)->toEqualWithDelta($metres, 1e-9);
})->with([['short', 0.294], ['long', 0.882], ['0.2 m', 0.2]]);

it('gives every elastic movement of a beat the same share of its usual length', function (): void {
    $frame = OnTheFloor::run(
        'arm-one',
        ['hand' => 'left'],
        "right palm chin -> rocked\nright foot step 12, left foot step 12, head nose",
        1.68,
        1.68,
    )->mainLine[1];
    [$right, $left] = $frame->movement->strides;

    expect($right->factor)->toBe($left->factor)->and($right->factor)->toBeGreaterThan(0.5);
});
