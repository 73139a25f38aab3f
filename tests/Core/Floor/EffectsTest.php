<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\Score;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Technique\EffectTimes;
use Tests\Core\Floor\OnTheFloor;
use Tests\Core\Floor\SimulationFixture;

/*
 * Two bodies of 1.68 m unless it says otherwise. A wrist held: .440 · 1.68 − .10 = .6392 m; the cap of a hold is 20 cm
 * more, .8392; least distance .06 · 3.36 = .2016; half the breadth of the hips .0955 · 1.68 = .16044.
 */

it('takes two effects together, and neither where a what-if says so', function (): void {
    // Rocked to the cap of the hold, .6392 + .20, and turned by the right hand: 180° and 90°.
    $frames = SimulationFixture::frames(
        'cloth-one',
        [],
        "right palm chin -> rocked and turned\n  if not: look\n  if folded: look\nlook",
    );

    expect($frames['1']->positions()->distance)->toEqualWithDelta(0.8392, 1e-9)
        ->and($frames['1']->positions()->attacker->facing)->toEqualWithDelta(270.0, 1e-9)
        ->and($frames['1.1']->positions()->distance)->toEqualWithDelta(0.6392, 1e-9)
        ->and($frames['1.1']->positions()->attacker->facing)->toEqualWithDelta(180.0, 1e-9)
        ->and($frames['1.2']->positions()->attacker->posture)->toBe(Posture::Folded)
        ->and($frames['1.2']->positions()->distance)->toEqualWithDelta(0.6392, 1e-9);
});

it('does to the attacker what is assumed', function (string $effect, float $distance, bool $isHeld): void {
    $frame = SimulationFixture::ends('right palm chin -> '.$effect, 'cloth-one');

    expect($frame->positions()->distance)->toEqualWithDelta($distance, 1e-9)->and($frame->isHeld)->toBe($isHeld);
})->with([
    // held: .6392 + .42 is drawn back to the cap
    ['rocked', 0.8392, true],
    ['driven back', 0.6392 + 0.84, false],
    // .6392 − .504 would be inside the least distance
    ['pulled in', 0.2016, true],
    ['released', 0.6392, false],
    ['folded', 0.6392, true],
    ['dropped', 0.6392, false],
    ['arm gone', 0.6392, false],
    ['straightened', 0.6392, true],
]);

it('rocks the attacker by a quarter of the attacker’s stature when nothing holds', function (): void {
    expect(
        SimulationFixture::ends(
            "left hand strip toward thumb -> released\nright palm chin -> rocked",
            'wrist-cross',
        )->positions()->distance,
    )->toEqualWithDelta(0.6392 + 0.42, 1e-9);
});

it('turns the attacker clockwise under a right limb, the other way under others', function (
    string $beat,
    float $facing,
): void {
    expect(SimulationFixture::ends($beat, 'cloth-one')->positions()->attacker->facing)->toEqualWithDelta($facing, 1e-9);
})->with([
    ['right palm temple -> turned', 270.0],
    ['left palm temple -> turned', 90.0],
    ['both hands shove shoulder -> turned', 90.0],
    ['right hand clamp wrist, left palm temple -> turned', 270.0],
]);

it('lets an effect last for the beats that begin before its time is up', function (
    string $effect,
    float $seconds,
): void {
    // In beats of half a second: on as long as less than the time has gone by since the beat that made it ended.
    $frames = SimulationFixture::frames(
        'closing-in',
        [],
        "left hand palm chin -> {$effect}\n".str_repeat("wait 0.5 s\n", 8),
    );
    foreach (range(2, 9) as $number) {
        $isOn = ($number - 2) * 0.5 < $seconds;
        $frame = $frames[$number];
        expect(
            $effect === 'turned'
                ? $frame->events->wornOff === [] && $number <= 3
                : $frame->positions()->attacker->posture->value !== 'standing',
        )->toBe($isOn, "beat {$number}");
    }
})->with([['folded', 1.5], ['turned', 1.0], ['kneeling', 2.0], ['dropped', 3.0]]);

it('lets an effect last as long as the school reckons', function (string $effect, float $seconds): void {
    $usual = ['folded' => 1.5, 'turned' => 1.0, 'kneeling' => 2.0, 'dropped' => 3.0];
    $beats = "left hand palm chin -> {$effect}\n".str_repeat("wait 0.5 s\n", 8);
    $trial = OnTheFloor::examine('closing-in', [], $beats, [
        'effects' => new EffectTimes(...[...$usual, $effect => $seconds]),
    ])->trial;

    // On in each beat that begins before its time is up, in beats of half a second.
    expect(
        array_map(
            static fn (Frame $frame): bool => $frame->positions()->attacker->posture !== Posture::Standing,
            array_slice($trial->run->mainLine, 1),
        ),
    )
        ->toBe(array_map(static fn (int $beat): bool => $beat * 0.5 < $seconds, range(0, 7)))
        ->and(Score::of($trial)->effects[0][1]->seconds())
        ->toEqualWithDelta($seconds, 1e-9);
})->with([['folded', 0.6], ['folded', 3.2], ['kneeling', 0.4], ['dropped', 1.9]]);

it('has the attacker turn as fast as the school reckons', function (float $turning): void {
    // Behind the attacker it is half a turn, of which .60 s of going there and .5 s of waiting are made.
    $beats = "go behind left\nwait 0.5 s";
    $frames = OnTheFloor::examine('closing-in', [], $beats, ['turning' => $turning])->trial->run->mainLine;

    expect(array_map(static fn (Frame $frame): float => $frame->positions()->faced->seconds, $frames))
        ->toEqualWithDelta([180 / $turning - 0.6, 180 / $turning - 1.1], 1e-9);
})->with([120.0, 90.0, 37.5]);

it('ends a fold when the attacker is straightened, and a posture when another comes', function (): void {
    expect(
        SimulationFixture::ends("left palm chin -> folded\nright elbow chin -> straightened", 'closing-in')->positions()
            ->attacker->posture->value,
    )
        ->toBe('standing')
        ->and(
            SimulationFixture::ends("left palm chin -> folded\nright elbow chin -> kneeling", 'closing-in')->positions()
                ->attacker->posture->value,
        )
        ->toBe('kneeling');
});
