<?php

declare(strict_types=1);

use Tests\Core\Floor\OnTheFloor;
use Tests\Core\Floor\SimulationFixture;

/*
 * Two bodies of 1.68 m unless it says otherwise. A wrist held: .440 · 1.68 − .10 = .6392 m; the cap of a hold is 20 cm
 * more, .8392; least distance .06 · 3.36 = .2016; half the breadth of the hips .0955 · 1.68 = .16044.
 */

it('starts each kind where it starts', function (string $kind, array $values, float $distance): void {
    expect(OnTheFloor::run($kind, $values, 'look', 1.5, 1.8)->start->positions()->distance)->toEqualWithDelta(
        $distance,
        1e-9,
    );
})->with(function (): array {
    $lean = 0.288 * sin(deg2rad(15)) * 1.8;
    // reach at the aim + .06 · 1.5 − .15, off the joint's side; the chain's rise counts up to .8 of it
    $contact = static fn (float $reach, float $side): float => sqrt(($reach + 0.09 - 0.15) ** 2 - ($side * 1.8) ** 2);

    return [
        'grab' => ['wrist-same', [], 0.44 * 1.8 - 0.1],
        'grab that reaches' => ['wrist-same', ['phase' => 'reaching'], 0.44 * 1.8 - 0.1 + 0.35 * 1.8],
        'choke from behind' => ['throat-behind', ['bearing' => '6'], 0.44 * 1.8 - 0.1],
        'hug' => ['hug-front-free', [], 0.06 * 3.3 + 0.04],
        'head' => ['headlock-side', ['bearing' => '3'], 0.06 * 3.3 + 0.04],
        'clinch' => ['clinch-trip', [], 0.06 * 3.3 + 0.04],
        'ground' => ['ground-standing', ['bearing' => '6'], 0.1 * 1.5],
        'threat' => ['closing-in', [], 2.0],
        // aim .93 · 1.5 = 1.395 between the shoulder at .818 · 1.8 = 1.4724 and .15 · 1.8 lower: no rise
        'straight punch that stands' => ['punch-straight', ['entry' => 'stand'], $contact(0.386 * 1.8 + $lean, 0.129)],
        'straight punch with a step' => [
            'punch-straight',
            ['entry' => 'step'],
            $contact(0.386 * 1.8 + $lean, 0.129) + 0.35 * 1.8,
        ],
        'swing going through' => ['swing', ['entry' => 'through'], $contact(0.386 * 1.8 + $lean, 0.129) + 0.7 * 1.8],
        // aim .80 · 1.5 = 1.2, .0024 below where the shoulder bends to; both hands in the middle
        'push with two hands' => [
            'push-two',
            ['entry' => 'stand'],
            sqrt((0.352 * 1.8) ** 2 - 0.0024 ** 2) + $lean + 0.09 - 0.15,
        ],
        // front kick: aim .48 · 1.5 = .72, hip .53 · 1.8 = .954 down to .684: no rise
        'front kick' => ['kick-front', ['entry' => 'stand'], $contact(0.53 * 1.8, 0.0955)],
        // round kick with the shin: aim .38 · 1.5 = .57, .114 below .684
        'round kick' => ['kick-round', ['entry' => 'stand'], $contact(sqrt((0.43 * 1.8) ** 2 - 0.114 ** 2), 0.0955)],
        // dive: aim .40 · 1.5 = .60; the shoulder bends to 1.2024; .6024 down counts as .8 · .6948 = .55584
        'dive' => ['dive-legs', [], sqrt(0.6948 ** 2 - 0.55584 ** 2) + $lean + 0.09 - 0.15 + 1.2],
        'a blow that was made' => ['punch-straight', ['phase' => 'follow-up'], $contact(0.386 * 1.8 + $lean, 0.129)],
    ];
});

it('moves the feet', function (string $beat, array $left, array $right): void {
    $frame = SimulationFixture::ends($beat, 'closing-in');

    expect([
        $frame->positions()->defender->feet->left->x,
        $frame->positions()->defender->feet->left->y,
        $frame->positions()->defender->feet->right->x,
        $frame->positions()->defender->feet->right->y,
    ])->toEqualWithDelta([...$left, ...$right], 1e-9);
})->with([
    // Usual steps to the side leave the feet .541 H apart: the other is drawn after, to .35 H.
    'a step' => ['left foot step 9', [-0.16044 - 0.588, 0], [-0.16044, 0]],
    'a step in metres draws nothing' => ['left foot step 9 0.588 m', [-0.16044 - 0.588, 0], [0.16044, 0]],
    'nor does one from a wide stance' => ["spread\nleft foot step 9", [-0.378 - 0.588, 0], [0.378, 0]],
    // It would end 1 cm from the other foot, so it ends .20 H past it.
    'a step that would end beside the other foot' => [
        "left foot step 3 0.9 m\nleft foot step 9",
        [0.16044 - 0.336, 0],
        [0.16044, 0],
    ],
    'a short one' => ['left foot step 9 short', [-0.16044 - 0.294, 0], [0.16044, 0]],
    'a long one' => ['right foot step 12 long', [-0.16044, 0], [0.16044, 0.882]],
    'one in metres, twice' => ['right foot step 6 0.2 m x2', [-0.16044, 0], [0.16044, -0.4]],
    'a cross lands off the other foot' => ['left foot cross 3', [0.16044 + 0.588, 0], [0.16044, 0]],
    'a slide takes both' => ['slide 6', [-0.16044, -0.336], [0.16044, -0.336]],
    'a hop' => ['hop 12', [-0.16044, 0.42], [0.16044, 0.42]],
    'leaving' => ['leave 3', [-0.16044 + 1.764, 0], [0.16044 + 1.764, 0]],
    'a spread keeps the axis' => ['spread', [-0.378, 0], [0.378, 0]],
    'a spread and back' => ["spread\nclose", [-0.16044, 0], [0.16044, 0]],
    'nothing but a pivot' => ['pivot 3', [-0.16044, 0], [0.16044, 0]],
]);

it('keeps the feet of who kneels or sits where they are', function (): void {
    $frame = SimulationFixture::ends("kneel\nleft foot step 9");
    expect($frame->positions()->defender->feet->left->x)->toEqualWithDelta(-0.16044, 1e-9)
        ->and($frame->movement->feetMoved)->toBeFalse();

    expect(
        SimulationFixture::ends("kneel\nget up\nleft foot step 9", 'closing-in')->positions()->defender->feet->left->x,
    )->toEqualWithDelta(-0.74844, 1e-9);
});

it('faces as the notice says, and turns to the attacker when the feet move', function (): void {
    expect(
        OnTheFloor::run('punch-straight', ['bearing' => '2', 'phase' => 'reaching'], 'look')->start->positions()
            ->defender->facing,
    )
        ->toBe(60.0)
        ->and(
            OnTheFloor::run(
                'punch-straight',
                ['bearing' => '2', 'phase' => 'reaching', 'notice' => 'off-guard'],
                'look',
            )->start->positions()->defender->facing,
        )
        ->toBe(0.0);

    // The threat at 6, 2 m away: straight behind, so clockwise, a quarter turn a beat.
    $frames = SimulationFixture::frames(
        'blocking-way',
        ['bearing' => '3', 'notice' => 'off-guard'],
        "pivot 9\nleft foot step 9\nright foot step 9",
    );
    expect($frames['1']->positions()->defender->facing)->toBe(270.0)
        ->and($frames['2']->positions()->defender->facing)->toEqualWithDelta(0.0, 1e-6)
        ->and($frames['3']->positions()->defender->facing)->toEqualWithDelta(90.0, 1e-6);
});

it('judges what is delivered', function (
    string $kind,
    array $values,
    string $beat,
    ?string $why,
    ?float $out,
    ?float $off,
): void {
    $delivery = SimulationFixture::frames($kind, ['phase' => 'reaching', ...$values], $beat)['1']->events->delivery;

    expect($delivery->lands() ? null : $delivery->verdict->value)->toBe($why);
    if ($out !== null) {
        expect($delivery->out)->toEqualWithDelta($out, 1e-9);
    }
    if ($off !== null) {
        expect($delivery->off)->toEqualWithDelta($off, 1e-9);
    }
})->with([
    'one who stands' => ['punch-straight', [], 'look', null, -0.15, -0.2016],
    'stopped' => ['punch-straight', [], 'left hand parry forearm', 'stopped', -0.15, -0.2016],
    'guarding stops nothing' => ['punch-straight', [], 'both hands guard', null, -0.15, -0.2016],
    // A slide straight back takes .336 m off: 18.6 cm out.
    'out' => ['push-two', [], 'slide 6', 'out', -0.15 + 0.336, -0.2016],
    // A slide to 9, to the attacker’s right, takes the head .336 off the line and keeps it in reach of the attacker’s
    // right hand.
    'off' => ['punch-straight', [], 'slide 9', 'off', null, 0.336 - 0.2016],
    'out is told before off' => ['punch-straight', [], 'slide 3', 'out', null, 0.336 - 0.2016],
    'slipped: the head .168, short of .2016' => ['punch-straight', [], 'slip 3', null, null, 0.168 - 0.2016],
    'slipped far enough' => ['punch-straight', [], 'slip 3 long', 'off', null, 0.252 - 0.2016],
    'a slip does not move the axis' => ['punch-low', [], 'slip 3 long', null, null, -0.2016],
    'off does not save from a swing' => ['swing', [], 'slide 9', null, null, 0.336 - 0.2016],
    'under' => ['punch-straight', [], 'drop', 'under', null, -0.2016],
    'not far enough under' => ['punch-straight', [], 'drop short', null, null, -0.2016],
    'no way under a low one' => ['punch-low', [], 'drop', null, null, null],
    'a rising one is high enough to go under' => ['punch-rising', [], 'drop', 'under', null, null],
    'inside a swing' => ['swing', [], 'slide 12 long', 'inside', null, null],
    'not inside a straight one' => ['punch-straight', [], 'slide 12 long', null, null, null],
    'a dive, by one hand' => ['dive-legs', [], 'left hand block', null, null, null],
    'a dive, by both' => ['dive-legs', [], 'both hands shove shoulder', 'stopped', null, null],
    // Half way in, .294 before contact at .662: the hip is .868 from the attacker’s surface, the kick comes .886 far.
    'met by a kick half way' => ['punch-straight', [], 'right front kick belly', 'intercepted', null, null],
    'not met when half way is too far' => [
        'punch-straight', ['entry' => 'through'], 'right front kick belly', null, null, null,
    ],
    'a knee is no kick here' => ['punch-straight', [], 'right knee groin', null, null, null],
    'a fist is not longer than a fist' => ['punch-straight', [], 'right punch chin', null, null, null],
    'a fist is longer than a palm' => ['slap', ['entry' => 'stand'], 'right punch chin', 'intercepted', null, null],
    'a hold that reaches one who stands' => ['wrist-same', [], 'look', null, -0.15, -0.2016],
    'a hold stopped' => ['wrist-same', [], 'left hand block', 'stopped', null, null],
    'a hold that finds nobody: .336 against 15 cm' => ['wrist-same', [], 'slide 6', 'out', 0.336 - 0.15, null],
]);

it('throws a second attack even where the answer is over, and not when the attacker cannot', function (): void {
    expect(array_keys(SimulationFixture::frames('cloth-one', ['phase' => 'follow-up'], 'look')))->toBe([1, 2])
        ->and(
            SimulationFixture::frames('cloth-one', ['phase' => 'follow-up'], "right palm chin -> dropped\nlook")['2']
                ->events->delivery,
        )
        ->toBeNull()
        ->and(
            SimulationFixture::frames('cloth-one', ['phase' => 'follow-up'], "right palm chin -> turned\nlook")['2']
                ->events->delivery,
        )
        ->toBeNull();
});

it('never lets two bodies pass through each other', function (): void {
    // Three long slides straight at a threat that comes in: beside the attacker at the least distance, on the bearing
    // from before.
    $frame = SimulationFixture::ends("slide 12 3 m\nslide 12 3 m", 'closing-in');
    expect($frame->positions()->distance)->toEqualWithDelta(0.2016, 1e-9);
});

it('sees what the attacker reaches', function (): void {
    // From .6392, both 1.68: fists at .93 — the shoulder bends from .818 up .112; arm .386.
    $frame = SimulationFixture::ends('look');
    $fist
        = 1.68 * sqrt(0.386 ** 2 - 0.112 ** 2) + 0.288 * sin(deg2rad(15)) * 1.68 + 0.1008 - hypot(0.6392, 0.129 * 1.68);
    // feet at .58, the hip at .53: .05 up
    $foot = 1.68 * sqrt(0.53 ** 2 - 0.05 ** 2) + 0.1008 - hypot(0.6392, 0.0955 * 1.68);
    expect(
        array_map(
            static fn ($threat): array => [$threat->name(), round($threat->margin, 9)],
            $frame->positions()->threats,
        ),
    )->toBe([['left hand', round($fist, 9)], ['left foot', round($foot, 9)], ['right foot', round($foot, 9)]]);
});

it('sees how far a fist comes to somebody much smaller, who is left standing', function (): void {
    // A grab begins .440 × 1.85 − .10 = .714 apart; the shoulder at .818 × 1.85 = 1.5133 bends down by .15 × 1.85 to
    // 1.2358, and .93 × 1.25 = 1.1625 is lower still.
    $start = OnTheFloor::run('wrist-cross', [], 'look', 1.25, 1.85)->start->positions();
    $reach = sqrt((0.386 * 1.85) ** 2 - 0.0733 ** 2) + 0.288 * sin(deg2rad(15)) * 1.85;

    expect($start->distance)->toEqualWithDelta(0.714, 1e-9)
        ->and($start->fists->attackerMargin)
        ->toEqualWithDelta($reach + 0.06 * 1.25 - hypot(0.714, 0.129 * 1.85), 1e-9);
});

it('tells the sector, and how long until the attacker faces the defender', function (): void {
    $frame = SimulationFixture::ends('head nose -> turned', 'closing-in');
    expect($frame->positions()->faced->sector->value)->toBe('flank')
        ->and($frame->positions()->faced->seconds)->toEqualWithDelta(90 / 120, 1e-9)
        ->and(SimulationFixture::ends('look', 'closing-in')->positions()->faced->sector->value)->toBe('front');
});
