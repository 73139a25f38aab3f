<?php

declare(strict_types=1);

use Tests\Core\Floor\MarginFixture;

/*
 * Margins worked out by hand. Both start with a wrist held at 12: the axes are .440 · 1.68 − .10 = .6392 m apart. A
 * joint lies to its side (.129 or .0955 of 1.68), a surface .06 · 1.68 = .1008 m before its axis; leaning brings .288 ·
 * sin 15° · 1.68 = .12523 m.
 */

it('works out the margin of each weapon', function (string $beat, float $expected): void {
    expect(MarginFixture::hit($beat)->measure->margin)->toEqualWithDelta($expected, 1e-9);
})->with(function (): array {
    $lean = 0.288 * sin(deg2rad(15)) * 1.68;
    $arm = hypot(0.6392, 0.129 * 1.68) - 0.06 * 1.68;
    $leg = hypot(0.6392, 0.0955 * 1.68) - 0.06 * 1.68;
    $neck = 0.6392 - 0.06 * 1.68;

    return [
        // chain, rise from the shoulder (.818) up to the target, or from .718 down to it
        'palm to the chin, +14' => ['right palm chin', 1.68 * sqrt(0.352 ** 2 - (0.87 - 0.818) ** 2) + $lean - $arm],
        'punch to the nose' => ['left punch nose', 1.68 * sqrt(0.386 ** 2 - (0.91 - 0.818) ** 2) + $lean - $arm],
        'punch within the ten hundredths: no rise at all' => ['right punch solar plexus', 1.68 * 0.386 + $lean - $arm],
        'hammer down to the groin' => [
            'left hammer groin',
            1.68 * sqrt(0.386 ** 2 - (0.718 - 0.48) ** 2) + $lean - $arm,
        ],
        'backhand' => ['right backhand temple', 1.68 * sqrt(0.386 ** 2 - (0.93 - 0.818) ** 2) + $lean - $arm],
        'edge' => ['right edge neck', 1.68 * sqrt(0.386 ** 2 - (0.84 - 0.818) ** 2) + $lean - $arm],
        'fingertips' => ['left fingertips eyes', 1.68 * sqrt(0.44 ** 2 - (0.936 - 0.818) ** 2) + $lean - $arm],
        'elbow' => ['left elbow ribs', 1.68 * sqrt(0.186 ** 2 - (0.718 - 0.66) ** 2) + $lean - $arm],
        'head: from the neck, on the axis, no lean' => [
            'head nose',
            1.68 * sqrt(0.12 ** 2 - (0.91 - 0.83) ** 2) - $neck,
        ],
        'knee: from the hip or down to .10 H lower, no lean' => ['right knee groin', 1.68 * 0.245 - $leg],
        'knee to the ribs, above the hip' => ['right knee ribs', 1.68 * sqrt(0.245 ** 2 - (0.66 - 0.53) ** 2) - $leg],
        'front kick' => ['left front kick belly', 1.68 * sqrt(0.53 ** 2 - (0.58 - 0.53) ** 2) - $leg],
        'round kick with the shin' => ['right round kick thigh', 1.68 * sqrt(0.43 ** 2 - (0.53 - 0.38) ** 2) - $leg],
        'crescent kick' => ['left crescent kick groin', 1.68 * sqrt(0.43 ** 2 - (0.53 - 0.48) ** 2) - $leg],
        'hook kick, turned by itself so that the hip comes nearer' => [
            'right hook kick knee',
            1.68 * sqrt(0.53 ** 2 - (0.53 - 0.285) ** 2) - (0.6392 - 0.0955 * 1.68 - 0.06 * 1.68),
        ],
        'axe kick' => ['right axe kick ribs', 1.68 * sqrt(0.53 ** 2 - (0.66 - 0.53) ** 2) - $leg],
        'stomp' => ['left stomp instep', 1.68 * sqrt(0.53 ** 2 - (0.53 - 0.04) ** 2) - $leg],
        'side kick, turned away so that the hip comes nearer' => [
            'pivot 9, right side kick knee',
            1.68 * sqrt(0.53 ** 2 - (0.53 - 0.285) ** 2) - (0.6392 - 0.0955 * 1.68 - 0.06 * 1.68),
        ],
        'back kick, faced away' => [
            'pivot 6, left back kick groin',
            1.68 * sqrt(0.53 ** 2 - (0.53 - 0.48) ** 2) - $leg,
        ],
    ];
});

it('goes round to a target not quite on its side, for .15 H of reach', function (): void {
    // The attacker at (0, .6392) faces 9, the defender at (.3, 0) is 115.1° off: 15.1° past the front.
    $at = "right palm chin -> turned\nslide 3 0.3 m, right %s chin";
    $gap = hypot(0.3 + 0.129 * 1.68, 0.6392) - 0.06 * 1.68;
    $palm = MarginFixture::hit(sprintf($at, 'palm'), kind: 'arm-one', values: ['hand' => 'left']);
    $punch = MarginFixture::hit(sprintf($at, 'punch'), kind: 'arm-one', values: ['hand' => 'left']);

    expect($palm->aim->isFaced)->toBeTrue()
        ->and($palm->measure->margin)
        ->toEqualWithDelta(
            1.68 * sqrt(0.352 ** 2 - (0.87 - 0.818) ** 2) + 0.288 * sin(deg2rad(15)) * 1.68 - 0.15 * 1.68 - $gap,
            1e-9,
        )
        ->and($punch->aim->isFaced)->toBeFalse()
        ->and($punch->measure->margin)
        ->toEqualWithDelta(1.68 * sqrt(0.386 ** 2 - (0.87 - 0.818) ** 2) + 0.288 * sin(deg2rad(15)) * 1.68 - $gap, 1e-9)
        // 80° past the rear from in front: too far round; the spine not even from its edge.
        ->and(MarginFixture::hit('right palm back of head', kind: 'arm-one', values: ['hand' => 'left'])->aim->isFaced)
        ->toBeFalse()
        ->and(
            MarginFixture::hit(
                "right palm chin -> turned\nslide 9 0.3 m, right elbow spine",
                kind: 'arm-one',
                values: ['hand' => 'left'],
            )->aim->isFaced,
        )
        ->toBeFalse();
});

it('bends to what is low when one of the two is down', function (string $beats): void {
    // .8 of the chain count at most: .6 · .386 · 1.68 and the lean.
    expect(MarginFixture::hit($beats, kind: 'arm-one', values: ['hand' => 'left'])->measure->margin)->toEqualWithDelta(
        0.6 * 0.386 * 1.68 + 0.288 * sin(deg2rad(15)) * 1.68 - (hypot(0.6392, 0.129 * 1.68) - 0.06 * 1.68),
        1e-9,
    );
})->with([
    'the attacker lies' => ["left hand clamp elbow -> dropped\nright punch ribs"],
    'the attacker kneels' => ["left hand clamp elbow -> kneeling\nright punch shin"],
    'the defender crouches' => ["drop\nright hammer instep"],
    'the defender kneels' => ["kneel\nright hammer instep"],
]);

it('opens the back of a head that is gripped', function (): void {
    expect(
        MarginFixture::hit(
            'left hand clamp neck, right punch back of head',
            kind: 'arm-one',
            values: ['hand' => 'left'],
        )->aim->isFaced,
    )
        ->toBeTrue()
        ->and(
            MarginFixture::hit(
                'left hand clamp elbow, right punch back of head',
                kind: 'arm-one',
                values: ['hand' => 'left'],
            )->aim->isFaced,
        )
        ->toBeFalse();
});

it('rounds to whole centimetres only when it is shown', function (): void {
    $hit = MarginFixture::hit('right palm chin');

    // 1.68 · √(.352² − .052²) + .12523 − (√(.6392² + .21672²) − .1008) = .58487 + .12523 − .57414 = .13596
    expect($hit->measure->margin)->toEqualWithDelta(0.13596, 5e-6)->and($hit->centimetres())->toBe(14);
});

it('takes the statures of both', function (): void {
    // A small one (1.52) against a large one (1.85): .440 · 1.85 − .10 = .714 m; chin at .870 · 1.85, shoulder at .818
    // · 1.52.
    $expected = sqrt((0.352 * 1.52) ** 2 - (0.87 * 1.85 - 0.818 * 1.52) ** 2)
    + 0.288 * sin(deg2rad(15)) * 1.52
    - (hypot(0.714, 0.129 * 1.52) - 0.06 * 1.85);

    expect(MarginFixture::hit('right palm chin', 1.52, 1.85)->measure->margin)->toEqualWithDelta($expected, 1e-9);
});

it('says what no distance would bring into reach', function (): void {
    // A child's fist (.386 · 1.25 = .4825 m) from a shoulder at 1.0225 m to a chin at .870 · 1.85 = 1.6095 m: .587 m
    // up.
    $hit = MarginFixture::hit('right punch chin', 1.25, 1.85);

    expect($hit->measure->tooFarUp)->toBeTrue()
        ->and($hit->measure->margin)->toBeNull()
        ->and($hit->reaches())->toBeFalse();
});

it('brings the head of a folded man nearer and lower', function (): void {
    // Folded: head targets at .62 of 1.68, a quarter of 1.68 nearer, but no nearer than .1008: .6392 − .42 = .2192.
    $knee = MarginFixture::hit("left hand clamp wrist -> folded\nright knee chin");
    expect($knee->measure->margin)->toEqualWithDelta(
        1.68 * sqrt(0.245 ** 2 - (0.62 - 0.53) ** 2) - (hypot(0.2192, 0.0955 * 1.68) - 0.1008),
        1e-9,
    );

    // The back of the head lies open from the front then.
    expect(MarginFixture::hit("left hand clamp wrist -> folded\nleft elbow back of head")->aim->isFaced)->toBeTrue()
        ->and(MarginFixture::hit('left elbow back of head')->aim->isFaced)->toBeFalse();
});

it('lowers everything of one who kneels, and nearly all of one who lies', function (): void {
    // Kneeling: chin at (.870 − .25) · 1.68, under the shoulder's .718.
    $punch = MarginFixture::hit("left hand clamp wrist -> kneeling\nright punch chin");
    expect($punch->measure->margin)->toEqualWithDelta(
        1.68 * sqrt(0.386 ** 2 - (0.718 - 0.62) ** 2)
            + 0.288 * sin(deg2rad(15)) * 1.68
            - (hypot(0.6392, 0.129 * 1.68) - 0.1008),
        1e-9,
    );

    // Lying: at most .12 of the attacker’s stature.
    expect(
        MarginFixture::hit("left hand clamp wrist -> dropped\nright stomp groin")->measure->height,
    )->toEqualWithDelta(0.12 * 1.68, 1e-9);

    // A seated defender's hip is at (.53 − .25) · 1.68.
    $seated = MarginFixture::hit('right front kick groin', values: ['posture' => 'seated']);
    expect($seated->measure->margin)->toEqualWithDelta(
        1.68 * sqrt(0.53 ** 2 - (0.48 - 0.28) ** 2) - (hypot(0.6392, 0.0955 * 1.68) - 0.1008),
        1e-9,
    );
});

it('takes the crouch off every joint', function (): void {
    // Dropped by .10: the shoulder counts from .718 down to .618, the chin is .152 above it.
    expect(MarginFixture::hit("drop\nright punch chin")->measure->margin)->toEqualWithDelta(
        1.68 * sqrt(0.386 ** 2 - (0.87 - 0.718) ** 2)
            + 0.288 * sin(deg2rad(15)) * 1.68
            - (hypot(0.6392, 0.129 * 1.68) - 0.1008),
        1e-9,
    );
});

it('chooses the hand and the target that reach', function (): void {
    // Faced to 3 with the attacker at 12, the left shoulder is the nearer one.
    $hit = MarginFixture::hit("pivot 3\nfree hand palm chin", kind: 'closing-in');
    expect($hit->limb->value)->toBe('left hand');

    // The first target that is exposed and reached; the first when none is.
    expect(MarginFixture::hit('right palm back of head or chin')->target->value)->toBe('chin')
        ->and(MarginFixture::hit('right knee chin or throat')->target->value)->toBe('chin');
});
