<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Setting;
use StoneDrill\Core\Floor\Verdict;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Floor\MarginFixture;
use Tests\Core\Floor\OnTheFloor;

// Both are 1.68 m: shoulder 1.37424 m, 21.672 cm to its side; with the lean of 15°, .288 · sin 15° · 1.68 = .12523 m.

it('reaches the arm that holds where it holds', function (string $target): void {
    // Half way between the axes, .6392 apart, at .58 · 1.68 = .9744: .23184 under the shoulder at its lowest (1.20624).
    $expected = sqrt((0.386 * 1.68) ** 2 - 0.23184 ** 2) + 0.12523 - hypot(0.3196, 0.21672);

    expect(MarginFixture::hit("left hammer {$target}")->measure->margin)->toEqualWithDelta($expected, 1e-4);
})->with(['forearm', 'wrist', 'hand', 'fingers', 'elbow']);

it('meets the upper arm on its way from the shoulder to the hold', function (): void {
    // A quarter of the way from the right shoulder at (−.21672, .6392, 1.37424) to the hold at (0, .3196, .9744).
    [$x, $y, $height] = [-0.21672 * 0.75, 0.6392 - 0.25 * 0.3196, 1.37424 - 0.25 * (1.37424 - 0.9744)];
    $expected = sqrt((0.386 * 1.68) ** 2) + 0.12523 - hypot($x + 0.21672, $y);

    expect($height)->toBeGreaterThan(1.20624)
        ->and(MarginFixture::hit('left hammer upper arm')->measure->margin)->toEqualWithDelta($expected, 1e-4);
});

it('knows that a lock from afar is none', function (): void {
    // The attacker has walked .42 m of the 2.0 m. The wrist of the left arm, on the right side of the defender, is .9
    // of the way from its elbow (.168 ahead, .60 H) to its hand (.42 ahead, .78 H): .3948 ahead, 1.28 m high.
    $frame = OnTheFloor::run('closing-in', [], 'right hand lock wrist')->frames[0];
    $margin = 0.386 * 1.68 + 0.12523 - (2.0 - 0.42 - 0.3948);

    expect($frame->grasps[0]->measure->margin)->toEqualWithDelta($margin, 1e-4)
        ->and($frame->grasps[0]->measure->drive)->toEqualWithDelta(0.12 * 1.68, 1e-9)
        ->and($frame->grasps[0]->reaches())->toBeFalse();
});

it('keeps an arm out for a beat after it was stopped, unless it is pulled back', function (
    Recoil $recoil,
    float $x,
    float $y,
    float $height,
): void {
    // Contact at √((√(.64848² − .18816²) + .12523 + .1008 − .15)² − .21672²) = .66204. Out, the wrist is .95 of the way
    // from the right shoulder to the axis at .93 H; drawn back, it hangs before the shoulder.
    $kind = StoneDrill\Core\Attack\Kinds::builtIn()->get('punch-straight');
    $run = (new StoneDrill\Core\Floor\Simulation(
        $kind,
        OnTheFloor::facets($kind, ['phase' => 'reaching']),
        new StoneDrill\Core\Floor\Bodies(1.68, 1.68),
        new Setting(recoil: $recoil),
    ))->run(Beats::parse("left hand parry\nleft hand clamp wrist"));
    $expected = sqrt(0.64848 ** 2 - max(0.0, $height - 1.37424) ** 2) + 0.12523 - hypot($x + 0.21672, $y);

    expect($run->frames[1]->grasps[0]->measure->margin)->toEqualWithDelta($expected, 1e-4);
})->with([
    'left out' => [Recoil::LeftOut, -0.21672 * 0.05, 0.66204 * 0.05, 0.05 * 1.37424 + 0.95 * 1.5624],
    'pulled back' => [Recoil::PulledBack, -0.21672, 0.66204 - 0.3948, 1.28016],
]);

it('meets a leg that kicks three quarters of its way', function (): void {
    // Round kick, contact where the shin at .38 H arrives; the point lies a quarter of the way from the defender's
    // axis.
    $frame = OnTheFloor::run('kick-front', ['phase' => 'reaching'], 'left hand clamp ankle')->frames[0];
    $away = $frame->positions()->distance;
    [$x, $y, $height] = [-0.25 * 0.0955 * 1.68, 0.25 * $away, 0.25 * 0.53 * 1.68 + 0.75 * 0.48 * 1.68];
    $expected = sqrt(0.64848 ** 2 - (1.20624 - $height) ** 2) + 0.12523 - hypot($x + 0.21672, $y);

    expect($frame->grasps[0]->measure->margin)->toEqualWithDelta($expected, 1e-4);
});

it('moves the hold with the hand that is held', function (): void {
    // Raised by .20: the hold is at .78 · 1.68 = 1.3104, level with the shoulder as it counts.
    $grasp = OnTheFloor::run('wrist-cross', [], "held hand raise\nother hand clamp wrist")->frames[1]->grasps[0];
    expect($grasp->measure->margin)->toEqualWithDelta(0.64848 + 0.12523 - hypot(0.3196, 0.21672), 1e-4)
        ->and(OnTheFloor::run('wrist-cross', [], "held hand lower x2\nlook")->frames[1]->positions()->distance)
        ->toEqualWithDelta(0.6392, 1e-9);
});

it('stops an attack with what can stop it', function (
    string $kind,
    array $values,
    string $beats,
    Verdict $verdict,
): void {
    expect(
        OnTheFloor::run($kind, ['phase' => 'reaching', ...$values], $beats)->frames[0]->events->delivery?->verdict,
    )->toBe($verdict);
})->with([
    'a knee a kick' => ['kick-front', [], 'left knee block', Verdict::Stopped],
    'a foot a round kick' => ['kick-round', [], 'right foot block shin', Verdict::Stopped],
    'no knee while the other foot moves' => [
        'kick-front',
        [],
        'left knee block, right foot step 6 short',
        Verdict::Lands,
    ],
    'no knee a punch' => ['punch-straight', [], 'left knee block', Verdict::Lands],
    'a hand catches a reaching hold' => ['wrist-cross', [], 'left hand clamp wrist', Verdict::Stopped],
    'a hand catches a push with one hand' => ['push-one', [], 'left hand clear forearm', Verdict::Stopped],
    'not one with both' => ['push-two', ['hand' => 'both'], 'left hand clear forearm', Verdict::Lands],
    'no catching a punch' => ['punch-straight', [], 'left hand clamp wrist', Verdict::Lands],
    'both hands press a dive' => ['dive-legs', ['hand' => 'both'], 'both hands press neck', Verdict::Stopped],
    'one hand does not' => ['dive-legs', ['hand' => 'both'], 'left hand press neck', Verdict::Lands],
    'a push is given with' => ['push-two', ['hand' => 'both'], 'ride', Verdict::Ridden],
    'not by going nearer' => ['push-two', ['hand' => 'both'], 'ride, left foot step 12 1.5 m', Verdict::Lands],
    'a punch is not given with' => ['punch-straight', [], 'ride', Verdict::Out],
]);

it('folds a dive that was stopped for a second', function (): void {
    $frames = OnTheFloor::run(
        'dive-legs',
        ['phase' => 'reaching', 'hand' => 'both'],
        "both hands press neck\nwait 0.9 s\nwait 0.2 s\nlook",
    )->frames;

    expect(
        array_map(static fn (Frame $frame): string => $frame->positions()->attacker->posture->value, $frames),
    )->toBe(['folded', 'folded', 'folded', 'standing']);
});

it(
    'meets a kick at its shin or knee a fifth of the attacker’s height nearer, and what is close counts',
    function (): void {
        // Half way in, both at 1.68: the front kick reaches √(.8904² − (.53 − .18)² · 1.68²) = .66847 to the shin; how
        // far the hip is from it then decides.
        $start = OnTheFloor::run('kick-front', ['phase' => 'reaching', 'entry' => 'step'], 'look')->start->positions()
            ->distance;
        $gap = hypot($start - 0.5 * 0.35 * 1.68, 0.0955 * 1.68) - 0.1008;
        $reach = sqrt((0.53 * 1.68) ** 2 - ((0.53 - 0.18) * 1.68) ** 2);
        $verdict = OnTheFloor::run('kick-front', ['phase' => 'reaching', 'entry' => 'step'], 'left front kick shin')
            ->frames[0]->events->delivery?->verdict;

        expect($verdict === Verdict::Intercepted)->toBe($reach - $gap + 0.2 * 1.68 >= -0.05)
            ->and($reach - $gap)->toBeLessThan(-0.05)
            ->and($verdict)->toBe(Verdict::Intercepted);
    },
);

it('goes behind', function (): void {
    $frame = OnTheFloor::run('closing-in', [], 'go behind left')->frames[0];
    expect([$frame->positions()->defender->feet->axis->x, $frame->positions()->defender->feet->axis->y])
        ->toEqualWithDelta([0.0, 2.0 + 0.12 * 1.68], 1e-9)
        ->and($frame->positions()->defender->facing)->toEqualWithDelta(180.0, 1e-9)
        ->and($frame->seconds())->toBe(0.6);
});

it('does not go past an arm that is out at head height, but under it', function (string $beats, bool $isBarred): void {
    $frame = OnTheFloor::run('throat-front', ['hand' => 'both'], $beats)->mainLine;

    expect(end($frame)->movement->barredBehind)->toBe($isBarred)
        ->and(end($frame)->positions()->defender->feet->axis->y > 0.1)->toBe(! $isBarred);
})->with([
    ['go behind right', true],
    ['drop, go behind right', false],
    ["drop\ngo behind left", false],
    ["drop short\ngo behind left", true],
]);

it('is low on all fours, with the head ahead', function (): void {
    $frames = OnTheFloor::run('wrist-cross', [], "all fours\nleft palm belly")->frames;
    // Shoulder at .45 · 1.68 = .756; the belly is at .58 · 1.68 = .9744.
    $expected = sqrt((0.352 * 1.68) ** 2 - 0.2184 ** 2) + 0.12523 - (hypot(0.6392, 0.21672) - 0.1008);

    expect($frames[1]->hits[0]->measure->margin)->toEqualWithDelta($expected, 1e-4)
        ->and($frames[0]->positions()->defender->head->y)->toEqualWithDelta(0.3 * 1.68, 1e-9)
        ->and(OnTheFloor::run('wrist-cross', [], "all fours\nget up")->frames[1]->positions()->defender->head->y)
        ->toEqualWithDelta(0.0, 1e-9);
});

it('opens its own grips by leaving, and keeps them in an escort', function (
    string $beats,
    int $grips,
    float $distance,
): void {
    $end = OnTheFloor::run('arm-one', ['hand' => 'left'], $beats)->end();

    expect(count($end->events->grips))->toBe($grips)
        ->and($end->positions()->distance)->toEqualWithDelta($distance, 1e-6);
})->with([
    'leaves' => ["right hand lock wrist\nright hand strip -> released\nleave 6", 0, 0.6392 + 1.05 * 1.68],
    'leaves with a lock' => ["right hand lock wrist -> released\nleave 6", 0, 0.6392 + 1.05 * 1.68],
    'escorts' => ["right hand lock wrist -> released\nright hand escort 6", 1, 0.6392],
    'leaves and escorts' => ["right hand lock wrist -> released\nright hand escort, leave 6", 1, 0.6392],
    'both hands on one wrist, one strikes' => ["both hands clamp wrist -> released\nleft palm chin", 1, 0.6392],
]);

it('swings again after a swing, which going off its line does not avoid', function (
    string $kind,
    Verdict $verdict,
): void {
    $frames = OnTheFloor::run(
        $kind,
        ['phase' => 'follow-up', 'hand' => 'right', 'bearing' => '12'],
        "look\nleft foot step 10 0.5 m",
    )->frames;

    expect($frames[1]->events->delivery?->verdict)->toBe($verdict);
})->with([['punch-straight', Verdict::Off], ['swing', Verdict::Lands], ['slap', Verdict::Lands]]);

it('does what is written for a taller or a shorter attacker in place of the beat', function (
    float $attacker,
    array $numbers,
    string $last,
): void {
    $run = OnTheFloor::run(
        'arm-one',
        ['hand' => 'left'],
        "right palm chin\n  if taller: right palm solar plexus\n  if shorter:\n    drop\n    right palm nose\nleave 6",
        1.68,
        $attacker,
    );
    $line = $run->mainLine;

    expect(array_map(static fn (Frame $frame): string => $frame->number, $run->frames))->toBe($numbers)
        ->and($line[count($line) - 2]->hits[0]->target->value)->toBe($last);
})->with([
    'as tall' => [1.68, ['1', '2'], 'chin'],
    'a size taller' => [1.85, ['1', '2'], 'solar plexus'],
    'less than a size' => [1.83, ['1', '2'], 'chin'],
    'a size shorter' => [1.52, ['1', '1b', '2'], 'nose'],
]);

it('goes on elsewhere after the beats of a branch', function (): void {
    $run = OnTheFloor::run(
        'arm-one',
        ['hand' => 'left'],
        "right palm chin -> rocked\n  if not:\n    left knee groin\n    go to \"Other\" beat 1\nleave 6",
    );
    expect(array_map(static fn (Frame $frame): string => $frame->number, $run->frames))->toBe(['1', '1.1', '2']);
});
