<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\LimbLimit;
use StoneDrill\Core\Floor\Hit;
use StoneDrill\Core\Technique\Target;
use Tests\Core\Floor\SituationFixture;

it('tells which limbs a hold keeps', function (string $kind, array $values, array $expected): void {
    expect(SituationFixture::hindered($kind, $values))->toBe($expected);
})->with([
    ['wrist-same', ['hand' => 'right'], ['left hand' => 'limited']],
    ['wrist-cross', ['hand' => 'right'], ['right hand' => 'limited']],
    ['wrist-both', [], ['left hand' => 'limited', 'right hand' => 'limited']],
    ['wrist-cross', ['phase' => 'reaching'], []],
    [
        'hug-front-pinned',
        [],
        ['left hand' => 'limited', 'right hand' => 'limited', 'left elbow' => 'blocked', 'right elbow' => 'blocked'],
    ],
    ['hug-front-free', [], []],
    [
        'arms-neck-behind',
        ['bearing' => '6'],
        ['left hand' => 'blocked', 'right hand' => 'blocked', 'left elbow' => 'blocked', 'right elbow' => 'blocked'],
    ],
    ['punch-straight', ['phase' => 'reaching'], []],
]);

it('gives a reason for each that is kept', function (): void {
    foreach (SituationFixture::situation('wrist-cross')->limbs as $status) {
        expect($status->limit === LimbLimit::None)->toBe($status->isFree());
    }
});

it('tells what the attacker has free', function (string $kind, array $values, array $expected): void {
    expect(SituationFixture::situation($kind, $values)->attackerFree)->toBe($expected);
})->with([
    ['cloth-one', ['hand' => 'left'], ['right hand', 'left foot', 'right foot']],
    ['hug-front-free', [], ['left foot', 'right foot']],
    ['swing', [], ['left hand', 'right hand', 'left foot', 'right foot']],
    ['ground-astride', [], ['left hand', 'right hand']],
]);

it('tells what each free limb reaches from here, the most to spare first', function (): void {
    $margins = [];
    foreach (SituationFixture::situation('wrist-cross')->inReach as $hit) {
        $margins[$hit->weapon().' '.$hit->target->value] = $hit->measure->margin;
    }

    // Left palm to chin: √(.59136² − (.870 − .818)² · 1.68²) + .12523 − (√(.6392² + .21672²) − .1008) = .136.
    expect($margins['left hand palm chin'])
        ->toEqualWithDelta(sqrt(0.59136 ** 2 - 0.08736 ** 2) + 0.12523 - (hypot(0.6392, 0.21672) - 0.1008), 1e-4)
        ->and($margins)->toBe(collect($margins)->sortDesc()->all())
        ->and(min($margins))->toBeGreaterThanOrEqual(0.0)
        // The held hand is not free; what is turned away, or out of the arc, is not in reach.
        ->and(
            array_filter(
                array_keys($margins),
                static fn (string $name): bool => str_starts_with($name, 'right hand') || str_contains($name, 'spine'),
            ),
        )
        ->toBe([])
        ->and(array_keys(SituationFixture::situation('closing-in')->inReach))->toBe([]);
});

it('tells first what is worth a word: each limb and target once, and no arms', function (string $kind): void {
    $situation = SituationFixture::situation($kind);
    $told = $situation->foremost(4);
    $bodily = array_values(array_filter($situation->inReach, static fn (Hit $hit): bool => ! $hit->target->isOfArm()));

    expect($told)->not->toBe([])
        ->and($told[0])->toBe($bodily[0])
        ->and(array_unique(array_map(static fn (Hit $hit): string => $hit->limb->value, $told)))
        ->toHaveCount(count($told))
        ->and(array_unique(array_map(static fn (Hit $hit): string => $hit->target->value, $told)))
        ->toHaveCount(count($told))
        ->and($told)->each->toBeIn($bodily)
        ->and($situation->foremost(0))->toBe([]);
})->with(['wrist-cross', 'throat-front', 'cloth-two']);

it('looks for some targets alone as for all of them', function (string $kind): void {
    $wanted = [Target::Groin, Target::SolarPlexus];
    $told = static fn (array $hits): array => array_map(
        static fn (Hit $hit): array => [$hit->weapon(), $hit->target, $hit->measure->margin],
        array_values($hits),
    );
    $all = SituationFixture::situation($kind)->inReach;

    expect($told(SituationFixture::situation($kind, targets: $wanted)->inReach))
        ->toBe($told(array_filter($all, static fn (Hit $hit): bool => in_array($hit->target, $wanted, true))))
        ->and(
            array_map(
                static fn (Hit $hit): string => $hit->target->value,
                SituationFixture::situation($kind, targets: [Target::Groin])->foremost(9),
            ),
        )
        ->toBe(['groin']);
})->with(['wrist-cross', 'throat-front', 'cloth-two']);

it('knows the weak side of a wrist hold alone', function (): void {
    expect(SituationFixture::situation('wrist-cross', ['thumb' => 'down'])->weakSide)->toBe('down')
        ->and(SituationFixture::situation('wrist-cross')->weakSide)->toBeNull()
        ->and(SituationFixture::situation('cloth-one')->weakSide)->toBeNull();
});

it('draws the ring of threats around the defender', function (): void {
    $ring = [];
    foreach (SituationFixture::situation('cloth-one', ['hand' => 'right'])->ring as $place) {
        $ring[$place->bearing->toClock()] = [$place->threats, $place->sector->value];
    }
    // The attacker is .6392 m off at 12, the attacker’s right hand holds. A step (.588 m) to 12 is .0512 before the
    // attacker; one to 6 is 1.2272 off: a fist reaches .7458 + .1008 = .8466 and a foot .8864 + .1008 = .9872, so
    // nothing does.
    expect($ring)->toHaveCount(12)
        ->and($ring['12'])->toBe([3, 'front'])
        ->and($ring['6'])->toBe([0, 'front']);

    // To 3: .8685 off, 42.6° off the attacker’s facing. From the attacker’s left shoulder, on that side: hypot(.588 −
    // .21672, .6392) = .739 → reached.
    expect($ring['3'])->toBe([3, 'front']);
    // To 9 the left shoulder is hypot(.588 + .21672, .6392) = 1.0277 off: the fist falls short; the feet at hypot(.588
    // ± .16044, .6392).
    expect($ring['9'])->toBe([2, 'front']);
    // To 2: x .50922, y .294, so .3452 before the attacker: 55.9° off the attacker’s facing.
    expect($ring['2'])->toBe([3, 'flank']);
});

it('takes the attacker where the attacker is when the attacker has come', function (): void {
    // A blow brings the attacker to contact, .662 m: the same ring as from there.
    $still = SituationFixture::situation('punch-straight', ['phase' => 'reaching', 'entry' => 'stand']);
    $through = SituationFixture::situation('punch-straight', ['phase' => 'reaching', 'entry' => 'through']);

    expect(array_map(static fn ($place): int => $place->threats, $through->ring))->toBe(
        array_map(static fn ($place): int => $place->threats, $still->ring),
    );
});
