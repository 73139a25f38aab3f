<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\UnknownKind;
use Tests\Core\Attack\FeasibilityFixture;
use Tests\Support\English;

// The table of kinds, written out by hand: kind, family, the attacker’s busy limbs, what the attacker holds, hands,
// hours, phases, intents.
dataset('kinds', [
    [
        'wrist-same', 'grab', 'hand', 'wrist-opposite', 'left right', '1 2 10 11 12',
        'reaching landed moving follow-up', 'move pin take-down',
    ],
    [
        'sleeve', 'grab', 'hand', 'wrist-opposite', 'left right', '1 2 10 11 12', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'wrist-cross', 'grab', 'hand', 'wrist-same', 'left right', '1 2 10 11 12', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'handshake', 'grab', 'hand', 'wrist-same', 'left right', '1 2 10 11 12', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'wrist-double', 'grab', 'hands', 'wrist-opposite', 'left right', '1 2 10 11 12', 'reaching landed moving',
        'move pin take-down',
    ],
    ['wrist-both', 'grab', 'hands', 'wrists', 'both', '1 2 10 11 12', 'reaching landed moving', 'move pin take-down'],
    [
        'arm-one', 'grab', 'hand', '', 'left right', '1 2 3 4 8 9 10 11 12', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'cloth-one', 'grab', 'hand', '', 'left right', '1 2 10 11 12', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'hair-front', 'grab', 'hand', '', 'left right', '1 2 10 11 12', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    ['cloth-two', 'grab', 'hands', '', 'both', '1 2 10 11 12', 'reaching landed moving', 'move pin take-down'],
    ['shoulders-front', 'grab', 'hands', '', 'both', '1 2 10 11 12', 'reaching landed moving', 'move pin take-down'],
    [
        'shoulder-side', 'grab', 'hand', '', 'left right', '2 3 4 8 9 10', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'arm-across', 'grab', 'hand', '', 'left right', '2 3 4 8 9 10', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'shoulder-behind', 'grab', 'hand', '', 'left right', '4 5 6 7 8', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    [
        'hair-behind', 'grab', 'hand', '', 'left right', '4 5 6 7 8', 'reaching landed moving follow-up',
        'move pin take-down',
    ],
    ['shoulders-behind', 'grab', 'hands', '', 'both', '4 5 6 7 8', 'reaching landed moving', 'move pin take-down'],
    [
        'throat-front', 'choke', 'hands', '', 'both', '1 2 10 11 12', 'reaching landed moving',
        'move pin choke take-down',
    ],
    ['throat-behind', 'choke', 'arms', '', 'both', '4 5 6 7 8', 'reaching landed moving', 'move pin choke take-down'],
    [
        'forearm-behind', 'choke', 'arms', '', 'left right', '4 5 6 7 8', 'reaching landed moving',
        'move pin choke take-down',
    ],
    [
        'hug-front-pinned', 'hug', 'arms', 'arms-pinned', 'both', '1 2 10 11 12', 'reaching landed moving',
        'move pin take-down',
    ],
    ['hug-front-free', 'hug', 'arms', '', 'both', '1 2 10 11 12', 'reaching landed moving', 'move pin take-down'],
    [
        'hug-behind-pinned', 'hug', 'arms', 'arms-pinned', 'both', '4 5 6 7 8', 'reaching landed moving',
        'move pin take-down',
    ],
    ['hug-behind-free', 'hug', 'arms', '', 'both', '4 5 6 7 8', 'reaching landed moving', 'move pin take-down'],
    ['headlock-side', 'head', 'arms', '', 'left right', '2 3 4 8 9 10', 'reaching landed moving', 'move pin take-down'],
    [
        'headlock-front', 'head', 'arms', '', 'left right', '1 2 10 11 12', 'reaching landed moving',
        'move pin take-down',
    ],
    [
        'arms-neck-behind', 'head', 'arms', 'arms-blocked', 'both', '4 5 6 7 8', 'reaching landed moving',
        'move pin take-down',
    ],
    ['push-one', 'push', '', '', 'left right', '1 2 10 11 12', 'reaching follow-up', 'move take-down'],
    ['push-two', 'push', '', '', 'both', '1 2 10 11 12', 'reaching follow-up', 'move take-down'],
    ['push-behind', 'push', '', '', 'both', '4 5 6 7 8', 'reaching follow-up', 'move take-down'],
    ['punch-straight', 'strike', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['swing', 'strike', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['slap', 'strike', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['punch-rising', 'strike', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['punch-low', 'strike', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['punch-behind', 'strike', '', '', 'left right', '4 5 6 7 8', 'reaching follow-up', 'strike'],
    ['kick-front', 'kick', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['kick-round', 'kick', '', '', 'left right', '1 2 3 9 10 11 12', 'reaching follow-up', 'strike'],
    ['dive-legs', 'takedown', '', '', 'both', '1 2 10 11 12', 'reaching follow-up', 'take-down'],
    ['clinch-trip', 'takedown', 'arms', '', 'both', '1 2 10 11 12', 'reaching landed moving', 'take-down'],
    ['ground-standing', 'ground', '', '', 'none', '1 2 3 4 5 6 7 8 9 10 11 12', 'landed', 'pin choke strike'],
    ['ground-astride', 'ground', 'legs', '', 'both', '12', 'landed', 'pin choke strike'],
    ['closing-in', 'threat', '', '', 'none', '1 2 3 9 10 11 12', 'reaching', 'move'],
    ['blocking-way', 'threat', '', '', 'none', '1 2 3 9 10 11 12', 'reaching', 'move'],
]);

it('knows every kind of the table', function (
    string $id,
    string $family,
    string $busy,
    string $defenderHolds,
    string $hands,
    string $hours,
    string $phases,
    string $intents,
): void {
    $kind = Kinds::builtIn()->get($id);

    expect($kind->family->value)->toBe($family)
        ->and(implode(' ', array_map(fn ($limb) => $limb->value, $kind->attackerLimbs)))->toBe($busy)
        ->and(implode(' ', array_map(fn ($held) => $held->value, $kind->defenderHolds)))->toBe($defenderHolds)
        ->and(FeasibilityFixture::feasible($id, Facet::Hand))->toBe($hands)
        ->and(FeasibilityFixture::feasible($id, Facet::Bearing))->toBe($hours)
        ->and(FeasibilityFixture::feasible($id, Facet::Phase))->toBe($phases)
        ->and(explode(' ', FeasibilityFixture::feasible($id, Facet::Intent)))
        ->toEqualCanonicalizing(explode(' ', $intents));
})->with('kinds');

it('has no kind beside those of the table', function (): void {
    expect(Kinds::builtIn()->all())->toHaveCount(43);
});

it('asks for a thumb only where a wrist is held', function (string $kind, bool $asks): void {
    expect(FeasibilityFixture::feasible($kind, Facet::Thumb))->toBe($asks ? 'up down inside outside n/a' : 'n/a');
})->with([
    ['wrist-same', true], ['wrist-cross', true], ['wrist-double', true], ['wrist-both', true], ['sleeve', true],
    ['cloth-one', false], ['swing', false], ['hug-behind-pinned', false],
]);

it('lets only a delivery come standing or right through', function (string $kind, string $entries): void {
    expect(FeasibilityFixture::feasible($kind, Facet::Entry))->toBe($entries);
})->with([
    ['swing', 'stand step through'], ['dive-legs', 'stand step through'], ['push-behind', 'stand step through'],
    ['wrist-same', 'step'], ['clinch-trip', 'step'], ['closing-in', 'step'],
]);

it('puts on the back what is on the ground, and nothing else', function (string $kind, string $postures): void {
    expect(FeasibilityFixture::feasible($kind, Facet::Posture))->toBe($postures);
})->with([
    ['ground-standing', 'back'],
    ['ground-astride', 'back'],
    ['swing', 'standing seated kneeling wall'],
    ['throat-front', 'standing seated kneeling wall'],
]);

it('lets nobody be ready for what comes from behind', function (string $hour, string $notices): void {
    expect(FeasibilityFixture::feasible('ground-standing', Facet::Notice, ['bearing' => $hour]))->toBe($notices);
})->with([
    ['3', 'ready off-guard'], ['4', 'off-guard'], ['6', 'off-guard'], ['8', 'off-guard'], ['9', 'ready off-guard'],
    ['12', 'ready off-guard'],
]);

it('refuses each facet by name and says what is allowed', function (
    string $kind,
    array $change,
    string $facet,
    array $allowed,
): void {
    $sound = ['hand' => 'right', 'bearing' => '12', 'phase' => 'landed', 'intent' => 'move', 'thumb' => 'up'];
    $refusals = (new Feasibility())->refusals(Kinds::builtIn()->get($kind), Facets::of([...$sound, ...$change]));

    expect($refusals)->toHaveCount(1)
        ->and($refusals[0]->facet->value)->toBe($facet)
        ->and($refusals[0]->allowed)->toBe($allowed)
        ->and(English::say($refusals[0]->text))->toContain(English::say(Kinds::builtIn()->get($kind)->name()));
})->with([
    'hand' => ['wrist-cross', ['hand' => 'both'], 'hand', ['left', 'right']],
    'bearing' => ['wrist-cross', ['bearing' => '9'], 'bearing', ['1', '2', '10', '11', '12']],
    'thumb' => ['cloth-one', ['thumb' => 'down'], 'thumb', ['n/a']],
    'phase of a hug' => [
        'hug-front-free',
        ['hand' => 'both', 'thumb' => 'n/a', 'phase' => 'follow-up'],
        'phase',
        ['reaching', 'landed', 'moving'],
    ],
    'entry' => ['wrist-cross', ['entry' => 'through'], 'entry', ['step']],
    'posture' => ['wrist-cross', ['posture' => 'back'], 'posture', ['standing', 'seated', 'kneeling', 'wall']],
    'notice' => ['shoulder-behind', ['bearing' => '6', 'thumb' => 'n/a'], 'notice', ['off-guard']],
    'intent' => ['wrist-cross', ['intent' => 'strike'], 'intent', ['move', 'pin', 'take-down']],
]);

it('finds nothing to refuse in a sound attack', function (): void {
    $facets = Facets::of([
        'hand' => 'right', 'bearing' => '6', 'phase' => 'landed', 'intent' => 'choke', 'notice' => 'off-guard',
        'place' => 'stairs', 'others' => 'ally', 'build' => 'larger',
    ]);

    expect((new Feasibility())->refusals(Kinds::builtIn()->get('forearm-behind'), $facets))->toBe([]);
});

it('does not know a kind that nobody made', function (): void {
    Kinds::builtIn()->get('tickle');
})->throws(UnknownKind::class, 'tickle');
