<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Verdict;
use Tests\Core\Floor\SimulationFixture;

/*
 * Two bodies of 1.68 m unless it says otherwise. A wrist held: .440 · 1.68 − .10 = .6392 m; the cap of a hold is 20 cm
 * more, .8392; least distance .06 · 3.36 = .2016; half the breadth of the hips .0955 · 1.68 = .16044.
 */

it('knows which hand is held, on either side and when it is free again', function (
    string $kind,
    string $hand,
    string $held,
): void {
    $frames = SimulationFixture::frames(
        $kind,
        ['hand' => $hand],
        "held hand clear, other hand guard -> released\nheld hand punch chin",
    );
    $limbs = array_map(static fn ($done): ?string => $done->limb?->value, [
        ...$frames['1']->events->performed,
        ...$frames['2']->events->performed,
    ]);
    $other = $held === 'left hand' ? 'right hand' : 'left hand';

    expect($limbs)->toBe([$held, $other, $held])
        ->and($frames['2']->hits[0]->limb->value)->toBe($held);
})->with([
    'across, by the right' => ['wrist-cross', 'right', 'right hand'],
    'across, by the left' => ['wrist-cross', 'left', 'left hand'],
    'on the same side, by the right' => ['wrist-same', 'right', 'left hand'],
    'two hands, the left one on top' => ['wrist-double', 'left', 'right hand'],
    'both wrists: the left' => ['wrist-both', 'both', 'left hand'],
    'no wrist: the one across from the hand that attacks' => ['cloth-one', 'right', 'left hand'],
    'no wrist, both hands: the right' => ['cloth-two', 'both', 'right hand'],
]);

it('strips', function (string $kind, array $values, string $beat, array $holds): void {
    expect(SimulationFixture::ends($beat, $kind, $values)->events->hold->names())->toBe($holds);
})->with([
    'toward the thumb' => ['wrist-cross', [], 'both hands strip toward thumb', []],
    'toward nothing said' => ['wrist-same', [], 'left hand strip', []],
    'toward the fingers ends nothing' => [
        'wrist-cross',
        [],
        'both hands strip toward fingers',
        ['right hand on right wrist'],
    ],
    'one wrist of two' => ['wrist-both', [], 'left hand strip toward thumb', ['left hand on right wrist']],
    'both' => ['wrist-both', [], 'both hands strip toward thumb', []],
    'two hands on one' => ['wrist-double', ['hand' => 'right'], 'right hand strip', []],
    'a choke with two hands' => ['throat-front', [], 'left hand strip', []],
    'not one with the forearm' => ['forearm-behind', ['bearing' => '6'], 'both hands strip', ['both arms']],
    'not a hug' => ['hug-front-free', [], 'both hands strip', ['both arms']],
]);

it('tells which wrist is held', function (string $kind, string $hand, array $holds): void {
    expect(SimulationFixture::ends('look', $kind, ['hand' => $hand])->events->hold->names())->toBe($holds);
})->with([
    ['wrist-same', 'right', ['right hand on left wrist']],
    ['wrist-cross', 'left', ['left hand on left wrist']],
    ['handshake', 'right', ['right hand on right wrist']],
    ['wrist-double', 'right', ['both hands on left wrist']],
    ['wrist-both', 'both', ['right hand on left wrist', 'left hand on right wrist']],
    ['arm-one', 'left', ['left hand']],
    ['shoulders-front', 'both', ['both hands']],
]);

it('draws the attacker along at the end of a hold', function (): void {
    // Leaving while held takes 1.764 m; the attacker comes along at .8392.
    expect(SimulationFixture::ends('leave 6')->positions()->distance)->toEqualWithDelta(0.8392, 1e-9);
});

it('keeps a grip as far as it was taken, and 20 cm more', function (): void {
    // Freed and gripped at .6392; a slide back of .336 would be .9752.
    $frames = SimulationFixture::frames(
        'wrist-cross',
        [],
        "left hand strip toward thumb\nleft hand clamp wrist\nslide 6\nleft hand let go\nslide 6",
    );
    expect($frames['3']->positions()->distance)->toEqualWithDelta(0.8392, 1e-9)
        ->and(array_keys($frames['3']->events->grips))->toBe(['left hand'])
        ->and($frames['4']->events->grips)->toBe([])
        ->and($frames['5']->positions()->distance)->toEqualWithDelta(0.8392 + 0.336, 1e-9);
});

it('keeps a gripped arm from striking, and its owner from turning', function (): void {
    $frames = SimulationFixture::frames(
        'wrist-cross',
        [],
        "left hand strip toward thumb\nleft hand clamp wrist\nright foot step 3\nlook",
    );
    expect(array_map(static fn ($threat): string => $threat->name(), $frames['4']->positions()->threats))
        ->toBe(['left hand', 'left foot', 'right foot'])
        ->and($frames['4']->positions()->attacker->facing)->toBe(180.0);
});

it('turns the attacker by 120° a second', function (): void {
    // A cross of the right foot to 3 and the left after: 1.764 to the side in 1 s leaves the attacker less to turn than
    // the attacker can.
    $frames = SimulationFixture::frames('wrist-cross', [], "left hand strip toward thumb\nleave 3");
    $bearing = rad2deg(atan2(1.764, -0.6392));
    expect($frames['2']->positions()->attacker->facing)->toEqualWithDelta($bearing, 1e-6);

    // In a short beat the attacker does not come all the way: .2 s · 120° = 24°.
    $frames = SimulationFixture::frames(
        'wrist-cross',
        [],
        "left hand strip toward thumb -> released\nleft palm chin -> turned\nwait 1.2 s",
    );
    expect($frames['2']->positions()->attacker->facing)->toBe(90.0);
});

it('carries both where a hold moves', function (string $intent, float $y): void {
    $frame = SimulationFixture::ends('look', 'wrist-cross', ['phase' => 'moving', 'intent' => $intent]);
    expect($frame->positions()->defender->feet->axis->y)->toEqualWithDelta($y, 1e-9)
        ->and($frame->positions()->distance)->toEqualWithDelta(0.6392, 1e-9);
})->with([
    'pulled' => ['move', 0.15 * 1.68],
    'taken down' => ['take-down', 0.15 * 1.68],
    'driven' => ['pin', -0.15 * 1.68],
]);

it('lets a threat walk up to 60 cm', function (): void {
    $frames = SimulationFixture::frames('closing-in', [], "look\nlook\nlook\nlook\nlook");
    expect($frames['1']->positions()->distance)->toEqualWithDelta(2.0 - 0.42, 1e-9)
        ->and($frames['5']->positions()->distance)->toEqualWithDelta(0.6, 1e-9);
});

it('puts a hold on that lands', function (): void {
    expect(SimulationFixture::ends('look', 'wrist-same', ['phase' => 'reaching'])->events->hold->names())
        ->toBe(['right hand on left wrist'])
        ->and(SimulationFixture::ends('slide 6', 'wrist-same', ['phase' => 'reaching'])->events->hold->names())
        ->toBe([]);
});

it('lets a held hand stop nothing', function (): void {
    // The follow-up comes in the second beat with the other hand; the held hand is limited.
    $frames = SimulationFixture::frames('wrist-same', ['phase' => 'follow-up'], "look\nleft hand parry forearm");
    expect($frames['2']->events->delivery->isFollowUp)->toBeTrue()
        ->and($frames['2']->events->delivery->lands())->toBeTrue();
    expect(
        SimulationFixture::frames('wrist-same', ['phase' => 'follow-up'], "look\nright hand parry forearm")['2']->events
            ->delivery->verdict,
    )->toBe(Verdict::Stopped);
});
