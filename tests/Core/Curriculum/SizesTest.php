<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Build;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Curriculum\School;
use StoneDrill\Core\Curriculum\Sizes;
use StoneDrill\Core\Curriculum\Statures;

it('takes the attacker that the build says', function (
    ?string $defender,
    ?string $attacker,
    Build $build,
    float $own,
    float $attackerHeight,
): void {
    $bodies = (new Sizes(new School('Hall', Doctrine::Escape)))->bodies($defender, $attacker, $build);

    expect([$bodies->defender, $bodies->attacker])->toBe([$own, $attackerHeight]);
})->with([
    'typical against alike' => [null, null, Build::Alike, 1.68, 1.68],
    'typical against larger' => [null, null, Build::Larger, 1.68, 1.85],
    'typical against smaller' => [null, null, Build::Smaller, 1.68, 1.52],
    'small against larger' => ['small', null, Build::Larger, 1.52, 1.68],
    'there is none larger than large' => ['large', null, Build::Larger, 1.85, 1.85],
    'there is none smaller than a child' => ['child', null, Build::Smaller, 1.25, 1.25],
    'said outright' => ['child', 'large', Build::Alike, 1.25, 1.85],
]);

it('places a size of the school’s own beside the built-in one that is nearest', function (): void {
    $sizes = new Sizes(
        new School('Hall', Doctrine::Escape, statures: new Statures('crew', [...Statures::BUILT_IN, 'crew' => 1.74])),
    );

    expect($sizes->attacker('crew', Build::Alike))->toBe('crew')
        ->and($sizes->attacker('crew', Build::Larger))->toBe('large')
        ->and($sizes->attacker('crew', Build::Smaller))->toBe('small')
        ->and($sizes->bodies(null, null, Build::Larger)->defender)->toBe(1.74);
});
