<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Pattern;
use StoneDrill\Core\Attack\Side;
use Tests\Support\Made;

it('proposes kind, hand, thumb, phase, posture and an hour either way', function (string $hour, array $around): void {
    $pattern = Pattern::proposedFor(Made::attack(facets: ['bearing' => $hour, 'thumb' => 'up']));

    expect($pattern->kinds)->toBe(['wrist-cross'])
        ->and($pattern->values)
        ->toEqualCanonicalizing([
            'hand' => ['right'],
            'thumb' => ['up'],
            'phase' => ['landed'],
            'posture' => ['standing'],
            'bearing' => $around,
        ]);
})->with([['12', ['11', '12', '1']], ['1', ['12', '1', '2']], ['11', ['10', '11', '12']]]);

it('matches what differs only where anything goes', function (array $change, bool $matches): void {
    $pattern = Pattern::proposedFor(Made::attack());

    expect($pattern->matches(Kinds::builtIn()->get('wrist-cross'), Made::attack(facets: $change)->facets))->toBe(
        $matches,
    );
})->with([
    'the same' => [[], true],
    'an hour to the right' => [['bearing' => '1'], true],
    'an hour to the left' => [['bearing' => '11'], true],
    'two hours' => [['bearing' => '2'], false],
    'the other hand' => [['hand' => 'left'], false],
    'another thumb' => [['thumb' => 'down'], false],
    'another phase' => [['phase' => 'moving'], false],
    'another posture' => [['posture' => 'seated'], false],
    'another place' => [['place' => 'stairs'], true],
    'a second one' => [['others' => 'second'], true],
    'off guard' => [['notice' => 'off-guard'], true],
    'a larger one' => [['build' => 'larger'], true],
    'another intent' => [['intent' => 'pin'], true],
]);

it('does not match another kind unless it is listed or lifted', function (): void {
    $sleeve = Made::attack('sleeve');
    $pattern = Pattern::proposedFor(Made::attack());

    expect($pattern->matches($sleeve->kind, $sleeve->facets))->toBeFalse()
        ->and($pattern->replace(['kind' => ['sleeve']])->matches($sleeve->kind, $sleeve->facets))->toBeTrue()
        ->and($pattern->replace(['kind' => null])->matches($sleeve->kind, $sleeve->facets))->toBeTrue();
});

it('puts what an answer lists in place of the proposal', function (): void {
    $pattern = Pattern::proposedFor(Made::attack())->replace([
        'hand' => ['left', 'right'],
        'bearing' => null,
        'place' => ['open'],
    ]);
    $kind = Kinds::builtIn()->get('wrist-cross');

    expect($pattern->matches($kind, Made::attack(facets: ['hand' => 'left', 'bearing' => '2'])->facets))->toBeTrue()
        ->and($pattern->matches($kind, Made::attack(facets: ['place' => 'crowd'])->facets))->toBeFalse();
});

it('mirrors so that it matches the mirror exactly when it matched', function (string $kind, array $facets): void {
    $attack = Made::attack($kind, $facets);
    foreach (Facet::Bearing->values() as $hour) {
        foreach (['left', 'right', 'both'] as $hand) {
            $pattern = Pattern::proposedFor($attack)->replace(['hand' => [$hand], 'bearing' => [$hour]]);

            expect($pattern->mirror()->matches($attack->kind, $attack->on(Side::Mirrored)))
                ->toBe($pattern->matches($attack->kind, $attack->facets))
                ->and($pattern->mirror()->mirror())->toEqual($pattern);
        }
    }
})->with([
    ['wrist-cross', []],
    ['wrist-cross', ['bearing' => '2', 'hand' => 'left', 'thumb' => 'down']],
    ['hug-front-free', ['hand' => 'both', 'bearing' => '11']],
]);

it('swaps hand and bearing in a mirror and keeps the thumb', function (): void {
    $mirror = Made::attack(facets: ['bearing' => '2', 'thumb' => 'inside'])->on(Side::Mirrored);

    expect($mirror->hand->value)->toBe('left')
        ->and($mirror->bearing->toClock())->toBe('10')
        ->and($mirror->thumb->value)->toBe('inside')
        ->and($mirror->mirror())->toEqual(Made::attack(facets: ['bearing' => '2', 'thumb' => 'inside'])->facets);
});

it('tells symmetric attacks from those with two sides', function (string $kind, array $facets, bool $symmetric): void {
    $attack = Made::attack($kind, $facets);

    expect($attack->isSymmetric())->toBe($symmetric)
        ->and($attack->sides())->toHaveCount($symmetric ? 1 : 2)
        ->and($attack->side(Side::Mirrored))->toBe($symmetric ? Side::Written : Side::Mirrored);
})->with([
    'two hands from the front' => ['cloth-two', ['hand' => 'both', 'bearing' => '12'], true],
    'two hands from behind' => ['hug-behind-free', ['hand' => 'both', 'bearing' => '6'], true],
    'two hands from one side' => ['cloth-two', ['hand' => 'both', 'bearing' => '1'], false],
    'no hand from the front' => ['closing-in', ['hand' => 'none', 'bearing' => '12'], true],
    'one hand from the front' => ['cloth-one', ['hand' => 'left', 'bearing' => '12'], false],
]);
