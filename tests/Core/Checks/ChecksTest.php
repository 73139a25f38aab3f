<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\Check;
use StoneDrill\Core\Checks\Checks;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Severity;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Leaving;
use StoneDrill\Core\Curriculum\Waiver;
use Tests\Core\Checks\ChecksFixture;
use Tests\Core\Checks\ChecksTable;
use Tests\Core\Floor\OnTheFloor;
use Tests\Support\English;

it('finds', function (
    string $check,
    string $kind,
    array $values,
    string $beats,
    array $expected,
    array $with = [],
): void {
    expect(ChecksFixture::found($check, $kind, $values, $beats, $with))->toBe($expected);
})->with(ChecksTable::rows());

it('tries every check in both ways', function (): void {
    $tried = [];
    foreach (ChecksTable::rows() as $row) {
        $tried[$row[0]][$row[4] === [] ? 'silent' : 'firing'] = true;
    }
    foreach (array_column(CheckId::cases(), 'value') as $name) {
        expect(array_keys($tried[$name] ?? []))->toEqualCanonicalizing(['firing', 'silent'], $name);
    }
});

it('has a class, a name and a trigger for each', function (): void {
    $names = array_column(CheckId::cases(), 'value');
    expect(array_unique($names))->toHaveCount(34)
        ->and(count(glob(dirname(__DIR__, 3).'/core/Checks/*.php') ?: []))->toBeGreaterThan(34);
    foreach (Checks::all() as $check) {
        expect($check)->toBeInstanceOf(Check::class)
            ->and(English::say($check->rule()->trigger()))->not->toBe('')
            ->not->toStartWith('checks.');
    }
});

it('asks more of an end within reach of a fist than of one within a lunge', function (
    string $beats,
    array $values,
    ?Severity $severity,
    string $said,
): void {
    $found = array_values(
        array_filter(
            OnTheFloor::examine('arm-one', ['hand' => 'left', ...$values], $beats)->findings,
            static fn (Finding $finding): bool => $finding->check->value === 'no-exit',
        ),
    );

    expect($found[0]->severity ?? null)->toBe($severity)
        ->and($severity === null ? '' : English::say($found[0]->message))->toContain($said);
})->with([
    // A fist of 1.68 m reaches √(.64848² − .18816²) + .12523 = .74581 and the surface .1008 at hypot(d, .21672): up to
    // d = .81843. (.93 − .818) · 1.68 = .18816 above the shoulder.
    'held at .6392' => ['look', [], Severity::Stop, 'within reach of the attacker’s fist, by 17 cm'],
    'with both hands up' => ['both hands guard', [], Severity::Warn, 'fist'],
    'with a strike that reaches' => ['right palm chin', [], Severity::Warn, 'fist'],
    'with an effect' => ['left hand clamp elbow -> straightened', [], Severity::Warn, 'fist'],
    'with a lock' => ['left hand lock elbow', [], Severity::Warn, 'fist'],
    // .6392 + .84 = 1.4792, within .9105 · 1.68 = 1.5296.
    'within a lunge' => [
        'left hand clamp elbow -> driven back',
        [],
        Severity::Warn,
        'Ends 1.48 m from the attacker, within a lunge of 1.53 m',
    ],
    'within a lunge, both hands up' => ['both hands guard -> driven back', [], Severity::Note, 'lunge'],
    'out of it' => ["right palm chin -> driven back\nslide 6 0.1 m", [], null, ''],
]);

it('asks an answer to end out of reach as the school does', function (
    Leaving $leaving,
    string $beats,
    ?Severity $severity,
): void {
    $found = array_values(
        array_filter(
            OnTheFloor::examine('arm-one', ['hand' => 'left'], $beats, ['leaving' => $leaving])->findings,
            static fn (Finding $finding): bool => $finding->check->value === 'no-exit',
        ),
    );

    expect($found[0]->severity ?? null)->toBe($severity);
})->with([
    'always, folded' => [Leaving::Always, 'left hand lift elbow -> folded', Severity::Warn],
    'unless down, folded' => [Leaving::UnlessDown, 'left hand lift elbow -> folded', null],
    'unless down, kneeling' => [Leaving::UnlessDown, 'left hand lift elbow -> kneeling', null],
    'unless down, standing' => [Leaving::UnlessDown, 'look', Severity::Stop],
    'unless down, rocked' => [Leaving::UnlessDown, 'right palm chin -> rocked', Severity::Warn],
    'as one likes, within the fist' => [Leaving::Free, 'look', Severity::Note],
    'as one likes, within a lunge' => [Leaving::Free, 'left hand clamp elbow -> driven back', Severity::Note],
]);

it('tells how much is missing', function (): void {
    // A knee from 2 m less a walk of .42: the joint at hypot(1.58, .16044) less .1008, reach 1.68 · .245; the body goes
    // .42 with it.
    $finding = OnTheFloor::examine('closing-in', [], 'right knee groin')->findings[0];
    $missing = (int) round(100 * (hypot(1.58, 0.16044) - 0.1008 - 1.68 * 0.245 - 0.42));

    expect(English::say($finding->message))->toBe("The right knee is {$missing} cm too short for the groin.")
        ->and(English::say($finding->mend))->not->toBe('');
});

it('keeps what is waived apart, with its reason', function (): void {
    $waived = OnTheFloor::examine('closing-in', [], 'leave 6', [
        'waived' => [new Waiver(CheckId::BlindExit, '1', 'The quay behind is empty.')],
    ]);
    expect($waived->findings)->toBe([])
        ->and($waived->waived[0]['waiver']->reason)->toBe('The quay behind is empty.');

    // Only at the beat it names.
    expect(
        OnTheFloor::examine('closing-in', [], 'leave 6', [
            'waived' => [new Waiver(CheckId::BlindExit, '2', 'Why not.')],
        ])->findings,
    )->toHaveCount(1);
});

it('tells where it fails when what is assumed does not come', function (): void {
    $robust = array_map(
        static fn ($shortfall): array => [English::say($shortfall->without), $shortfall->failsAt],
        OnTheFloor::examine('wrist-cross', [], "left palm chin -> driven back\nleave 6")->trial->robust,
    );

    // Held by .6392: a palm .136 to spare; 15 cm to the side of the line takes the head from .57414 to:
    // left of the attacker is to the defender's right, away from the left shoulder at .21672.
    $away = hypot(0.6392, 0.21672 + 0.15) - 0.1008;
    $near = hypot(0.6392, 0.21672 - 0.15) - 0.1008;
    $reach = 1.68 * sqrt(0.352 ** 2 - 0.052 ** 2) + 0.288 * sin(deg2rad(15)) * 1.68;
    expect($away)->toBeLessThan($reach)
        ->and($near)->toBeLessThan($reach)
        ->and($robust)->toBe([['1 driven back', '2'], ['head 15 cm left', null], ['head 15 cm right', null]]);

    // With an elbow, 15 cm decide: reach √(.186² − .052²) · 1.68 + .12523 = .4253 against .4374 in front: rocked nearer
    // first.
    $elbow = OnTheFloor::examine('hug-front-free', [], 'right elbow chin')->trial->robust;
    expect(array_map(static fn ($shortfall): ?string => $shortfall->failsAt, $elbow))->toBe([null, null]);
});

it('leaves out each of two effects that come together', function (): void {
    $robust = OnTheFloor::examine('wrist-cross', [], "left palm chin -> driven back and turned\nleave 6")->trial
        ->robust;

    // Without being driven back the hold is still on; without being turned the attacker only faces sooner.
    expect([
        English::say($robust[0]->without),
        $robust[0]->failsAt,
        English::say($robust[1]->without),
        $robust[1]->failsAt,
    ])->toBe(['1 driven back', '2', '1 turned', null]);
});

it('runs the other of two effects too', function (): void {
    $robust = OnTheFloor::examine('wrist-cross', [], "left palm chin -> driven back or rocked\nleave 6")->trial->robust;

    expect([English::say($robust[1]->without), $robust[1]->failsAt])->toBe(['1 driven back, rocked instead', '2']);
});

it('tells how a branch lands in another answer', function (): void {
    $run = OnTheFloor::examine(
        'cloth-one',
        [],
        "left hand strip -> released\n  if not: go to \"Other\" beat 2\nleave 6",
        ['others' => ['Other' => ['high', "right palm chin -> driven back\nleave 6"]]],
    )->trial->run;

    // Here .6392 and held no longer (stripped); there, after being driven back, 1.4792 and free.
    expect(array_map(static fn ($frame): string => $frame->number, $run->frames))->toBe(['1', '1.1', '2'])
        ->and($run->landings[0]->closer)->toEqualWithDelta(0.84, 1e-9)
        ->and($run->landings[0]->isHeld)->toBeFalse();
});

it('asks a beat that may be left out to be done and left out', function (string $beats, array $found): void {
    $stops = array_filter(
        OnTheFloor::examine('cloth-one', ['hand' => 'right'], $beats)->findings,
        static fn (Finding $finding): bool => $finding->severity === Severity::Stop
            && $finding->check !== CheckId::NoExit,
    );

    expect(
        array_values(
            array_map(
                static fn (Finding $finding): string => $finding->beat.' '.English::say($finding->message),
                $stops,
            ),
        ),
    )->toBe($found);
})->with([
    'works either way' => ["left hand strip -> released\nmaybe: right palm chin -> rocked\nleave 6", []],
    'frees the hold' => [
        "maybe: left hand strip -> released\nleave 6",
        ['2 Without beat 1: Leaves with a hold on: right hand.'],
    ],
    'two of which one is enough' => [
        "maybe: left hand strip -> released\nmaybe: right hand strip -> released\nleave 6",
        ['3 Without beats 1, 2: Leaves with a hold on: right hand.'],
    ],
    // Drawn along to .8392: √(.31248² − .15456²) + .12523 − (√(.8392² + .21672²) − .1008) = −.369.
    'fails by itself' => [
        "maybe: look\nleft foot step 6 1 m, right elbow nose\nleft hand strip -> released\nleave 6",
        ['2 The right elbow is 37 cm too short for the nose.'],
    ],
]);

it('reads beats as those of the answer’s rank do', function (): void {
    $found = OnTheFloor::examine(
        'cloth-one',
        ['hand' => 'right'],
        "left hand strip -> released\n  for high: right knee chin\nleave 6",
    )->findings;

    expect(
        array_map(
            static fn (Finding $finding): string => $finding->check->value,
            array_filter($found, static fn (Finding $finding): bool => $finding->beat === '1'),
        ),
    )->toContain('out-of-reach');
});
