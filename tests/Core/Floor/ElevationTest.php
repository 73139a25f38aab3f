<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Elevation\Elevation;
use Tests\Core\Floor\OnTheFloor;

// Heights by hand from the shares of domain.md §2 and of its postures.

it('has every joint at its height', function (): void {
    $body = Elevation::of(OnTheFloor::run('closing-in', [], 'look', 1.25, 1.85)->frames[0])->attacker;

    expect($body->eye->height)->toEqualWithDelta(0.936 * 1.85, 1e-9)
        ->and($body->chin->height)->toEqualWithDelta(1.6095, 1e-9)
        ->and($body->shoulders['left']->height)->toEqualWithDelta(0.818 * 1.85, 1e-9)
        ->and($body->hips['left']->height)->toEqualWithDelta(0.53 * 1.85, 1e-9)
        ->and($body->knees['right']->height)->toEqualWithDelta(0.285 * 1.85, 1e-9)
        ->and($body->ankles['right']->height)->toEqualWithDelta(0.039 * 1.85, 1e-9)
        // An arm that does nothing: elbow .60 H, hand .78 H, .25 H ahead of its shoulder.
        ->and($body->elbows['left']->height)->toEqualWithDelta(0.6 * 1.85, 1e-9)
        ->and($body->hands['left']->height)->toEqualWithDelta(0.78 * 1.85, 1e-9)
        ->and(
            hypot(
                $body->hands['left']->x - $body->shoulders['left']->x,
                $body->hands['left']->y - $body->shoulders['left']->y,
            ),
        )
        ->toEqualWithDelta(0.25 * 1.85, 1e-9);
});

it('puts the fist of a child where a child has it, and a held hand where it is held', function (): void {
    $elevation = Elevation::of(OnTheFloor::run('wrist-same', ['hand' => 'right'], 'look', 1.25, 1.85)->frames[0]);

    // The attacker's right hand is on the child's left wrist: .58 · 1.25 = .725, half way between the axes, .440 · 1.85
    // − .10 = .714 apart.
    expect($elevation->defender->hands['left']->height)->toEqualWithDelta(0.725, 1e-9)
        ->and($elevation->attacker->hands['right']->height)->toEqualWithDelta(0.725, 1e-9)
        ->and($elevation->along($elevation->defender->hands['left']))->toEqualWithDelta(0.357, 1e-9)
        ->and($elevation->defender->hands['right']->height)->toEqualWithDelta(0.78 * 1.25, 1e-9)
        ->and($elevation->attacker->hands['left']->height)->toEqualWithDelta(0.78 * 1.85, 1e-9)
        ->and($elevation->along($elevation->attacker->hips['left']))->toEqualWithDelta(0.714, 1e-9);
});

it('shows how far under a man’s chin the palm of a child ends', function (): void {
    $elevation = Elevation::of(
        OnTheFloor::run('wrist-same', ['hand' => 'right'], 'right palm chin', 1.25, 1.85)->frames[0],
    );
    $thrown = $elevation->thrown[0];
    // From .818 · 1.25 = 1.0225, .16125 to its side, to 1.6095: over the floor √(.714² + .16125²) − .111, and an arm of
    // .352 · 1.25 = .44.
    $over = hypot(0.714, 0.16125) - 0.06 * 1.85;
    $far = hypot($over, 1.6095 - 1.0225);

    expect($thrown->hit->measure->tooFarUp)->toBeTrue()
        ->and($thrown->missing())->toEqualWithDelta($far - 0.44, 1e-6)
        ->and($thrown->rise())->toEqualWithDelta((1.6095 - 1.0225) * (1 - 0.44 / $far), 1e-6)
        ->and($elevation->defender->hands['right'])->toEqual($thrown->tip);
});

it('folds, kneels, crouches and lies down', function (): void {
    $folded = Elevation::of(
        OnTheFloor::run('punch-straight', ['phase' => 'follow-up'], 'right knee groin -> folded', 1.68, 1.85)
            ->frames[0],
    )->attacker;
    $kneeling = Elevation::of(OnTheFloor::run('closing-in', [], 'kneel')->frames[0])->defender;
    $crouched = Elevation::of(OnTheFloor::run('closing-in', [], 'drop')->frames[0])->defender;
    $lying = Elevation::of(OnTheFloor::run('closing-in', [], 'right knee groin -> dropped')->frames[0])->attacker;

    // The head of a folded man is at .62 H: his eye and his chin.
    expect($folded->eye->height)->toEqualWithDelta(1.147, 1e-9)
        ->and($folded->chin->height)->toEqualWithDelta(1.147, 1e-9)
        // Kneeling lowers by .25 H: a knee at .035 · 1.68, a hip at .28 · 1.68.
        ->and($kneeling->knees['left']->height)->toEqualWithDelta(0.0588, 1e-9)
        ->and($kneeling->hips['left']->height)->toEqualWithDelta(0.4704, 1e-9)
        ->and($kneeling->eye->height)->toEqualWithDelta(0.686 * 1.68, 1e-9)
        // A drop is .10 H.
        ->and($crouched->shoulders['right']->height)->toEqualWithDelta(0.718 * 1.68, 1e-9)
        ->and($crouched->ankles['right']->height)->toEqualWithDelta(0.039 * 1.68, 1e-9)
        ->and($lying->shoulders['left']->height)->toEqualWithDelta(0.168, 1e-9)
        ->and($lying->eye->height)->toEqualWithDelta(0.168, 1e-9);
});

it('ends a strike that reaches at its target', function (): void {
    $thrown = Elevation::of(OnTheFloor::run('wrist-cross', [], 'left palm chin')->frames[0])->thrown[0];

    expect($thrown->hit->reaches())->toBeTrue()
        ->and($thrown->missing())->toBe(0.0)
        ->and($thrown->tip->height)->toEqualWithDelta(0.87 * 1.68, 1e-9);
});

it('keeps the lengths of limbs within what a body has', function (): void {
    foreach (['look', 'drop', 'left foot step 9', 'spread'] as $beats) {
        foreach (OnTheFloor::run('closing-in', [], $beats)->frames as $frame) {
            $body = Elevation::of($frame)->defender;
            foreach (['left', 'right'] as $side) {
                expect($body->hips[$side]->distanceTo($body->knees[$side]))->toBeLessThan(0.32 * 1.68)
                    ->and($body->knees[$side]->distanceTo($body->ankles[$side]))->toBeLessThan(0.36 * 1.68);
            }
        }
    }
});
