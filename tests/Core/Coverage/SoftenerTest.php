<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Pattern;
use StoneDrill\Core\Coverage\CarryOver;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Move;
use StoneDrill\Core\Coverage\MoveKind;
use StoneDrill\Core\Coverage\Resemblance;
use StoneDrill\Core\Coverage\RunCache;
use StoneDrill\Core\Coverage\Widener;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Coverage\SoftenerFixture;
use Tests\Core\Floor\OnTheFloor;
use Tests\Support\Made;

it('puts the nearest height in the place of what is not taught', function (
    array $barred,
    string $beats,
    ?string $expected,
): void {
    expect(SoftenerFixture::softened($barred, $beats))->toBe($expected);
})->with([
    // Throat .85: the neck is .84, then the chin .870.
    'the throat' => [[Hazard::Throat], 'right edge throat', "right edge neck\n"],
    'throat and neck' => [[Hazard::Throat, Hazard::Neck], 'right edge throat', "right edge chin\n"],
    'throat, neck, and no head' => [
        [Hazard::Throat, Hazard::Neck, Hazard::HeadContact, Hazard::Eyes],
        'right edge throat x2',
        "right edge collarbone x2\n",
    ],
    // Knee .285: the thigh .38, the shin .18.
    'the knee' => [[Hazard::Knee], 'left side kick knee', "left side kick thigh\n"],
    'no contact at all' => [[Hazard::Contact], 'right palm chin', "right hand press chin\n"],
    'no contact for a leg' => [[Hazard::Contact], 'left knee groin', null],
    'a lock' => [[Hazard::WristLock], 'right hand lock wrist', "right hand clamp wrist\n"],
    'a choke hold' => [[Hazard::Choke], 'both hands choke hold neck', "both hands clamp neck\n"],
    'in a what-if too' => [[Hazard::Throat], "look\n  if not: right edge throat", "look\n  if not: right edge neck\n"],
    'nobody falls' => [[Hazard::Fall], 'both hands press chest -> dropped', "both hands press chest\n"],
    'nothing is barred' => [[Hazard::Eyes], 'right palm chin', null],
    'effects and notes stay' => [
        [Hazard::Throat],
        'left foot step 9, right edge throat -> rocked # hard',
        "left foot step 9, right edge neck -> rocked   # hard\n",
    ],
]);

it('says how much two answers have in common, both ways', function (): void {
    $wrist = Made::attack(id: 'w', neededBy: 'a');
    $own = Made::answer('own', $wrist, beats: "left foot step 9, left hand strip toward thumb\nleave 6");
    $twin = Made::answer('twin', $wrist, beats: "right foot step 3, right hand strip toward thumb\nleave 6");
    $half = Made::answer('half', $wrist, beats: "look\nleave 6");
    $none = Made::answer('none', $wrist, beats: 'both hands guard');
    $found = Resemblance::of($own, [$none, $half, $own, $twin]);

    // The twin is its mirror; half brings one of three, and gets one of two.
    expect(
        array_map(
            static fn (Resemblance $one): array => [$one->other->id, round($one->brings, 3), round($one->gives, 3)],
            $found,
        ),
    )
        ->toBe([['twin', 1.0, 1.0], ['half', 0.333, 0.5], ['none', 0.0, 0.0]])
        ->and(CarryOver::from($twin->beats, $own->beats))->toBe(1.0);
});

it('misses an attack in the facets in which it is otherwise', function (): void {
    $pattern = Pattern::proposedFor(Made::attack(id: 'w', facets: ['thumb' => 'up']));
    $kinds = Kinds::builtIn();
    $misses = static fn (string $kind, array $values): array => $pattern->misses(
        $kinds->get($kind),
        OnTheFloor::facets($kinds->get($kind), ['thumb' => 'up', ...$values]),
    );

    expect($misses('wrist-cross', []))->toBe([])
        ->and($misses('wrist-cross', ['bearing' => '1']))->toBe([])
        ->and($misses('wrist-cross', ['bearing' => '2']))->toBe(['bearing'])
        ->and($misses('wrist-cross', ['hand' => 'left', 'thumb' => 'down']))->toBe(['hand', 'thumb'])
        ->and($misses('wrist-same', []))->toBe(['kind']);
});

it('matches one value more when it is widened', function (): void {
    $wrist = Made::attack(id: 'w', facets: ['thumb' => 'up']);
    $pattern = Pattern::proposedFor($wrist);
    $other = Facets::of([...$wrist->facets->toArray(), 'bearing' => '2']);
    $sleeve = Kinds::builtIn()->get('sleeve');

    expect($pattern->matches($wrist->kind, $other))->toBeFalse()
        ->and($pattern->widened('bearing', '2')->matches($wrist->kind, $other))->toBeTrue()
        ->and($pattern->widened('bearing', '2')->matches($wrist->kind, $wrist->facets))->toBeTrue()
        ->and($pattern->matches($sleeve, $wrist->facets))->toBeFalse()
        ->and($pattern->widened('kind', 'sleeve')->matches($sleeve, $wrist->facets))->toBeTrue();
});

it('is near where one facet of the family is amiss', function (): void {
    $wrist = Made::attack(id: 'w', neededBy: 'a');
    $near = Made::attack(facets: ['bearing' => '2'], id: 'near', neededBy: 'a');
    $far = Made::attack('sleeve', ['bearing' => '2'], 'far', 'a');
    $foreign = Made::attack('cloth-two', ['hand' => 'both', 'phase' => 'landed'], 'foreign', 'a');
    $answer = Made::answer('x', $wrist);
    $catalogue = Made::catalogue([$wrist, $near, $far, $foreign], [$answer]);
    $widener = new Widener($catalogue);
    $found = [];
    foreach (Coverage::of($catalogue)->cells as $cell) {
        $found[$cell->attack->id.' '.$cell->side->value] = $widener->near($answer, $cell)[0] ?? null;
    }

    expect($found)->toBe([
        'w written' => null, 'w mirrored' => 'hand', 'near written' => 'bearing', 'near mirrored' => null,
        'far written' => null, 'far mirrored' => null, 'foreign written' => null,
    ]);
});

it('makes each move on the answer it is of, and on no other', function (Move $move, callable $changed): void {
    $wrist = Made::attack(id: 'w', neededBy: 'a');
    $after = $move->takenIn(
        Made::catalogue([$wrist], [Made::answer('x', $wrist, 'c'), Made::answer('y', $wrist, 'c')]),
        'a',
    )->answers;

    expect($changed($after[0]))->toBeTrue()->and($changed($after[1]))->toBeFalse();
})->with([
    'mirror' => [new Move(MoveKind::Mirror, 'x'), fn ($answer): bool => $answer->matching->mirrored],
    'earlier' => [new Move(MoveKind::Earlier, 'x'), fn ($answer): bool => $answer->teaching->rank === 'a'],
    'widen' => [
        new Move(MoveKind::Widen, 'x', facet: 'bearing', value: '3'),
        fn ($answer): bool => $answer->matching->listed === ['bearing' => ['11', '12', '1', '3']],
    ],
    'soften' => [
        new Move(MoveKind::Soften, 'x', beats: Beats::parse('look')),
        fn ($answer): bool => $answer->beats->toText() === "look\n",
    ],
]);

it('works nothing out twice, and keeps what was asked for', function (): void {
    $times = 0;
    $memory = new RunCache(['old' => 'kept', 'never' => 'asked']);
    $work = static function () use (&$times): string {
        $times++;

        return 'done';
    };

    expect([$memory->of('new', $work), $memory->of('new', $work), $memory->of('old', $work)])
        ->toBe(['done', 'done', 'kept'])
        ->and($times)->toBe(1)
        ->and($memory->kept())->toBe(['old' => 'kept', 'new' => 'done']);
});
