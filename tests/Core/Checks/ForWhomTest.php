<?php

declare(strict_types=1);

use StoneDrill\Core\Checks\ForWhom;
use Tests\Core\Floor\OnTheFloor;

it('tells the figure that decides, and the steps that it takes', function (): void {
    // Both 1.68 m from a wrist hold at 12: the palm has .14 m to spare to the chin.
    $works = ForWhom::in(OnTheFloor::examine('wrist-cross', [], 'left palm chin -> released'));
    expect($works->worst)->toEqualWithDelta(0.14, 0.005)
        ->and($works->isClose())->toBeFalse()
        ->and($works->strides)->toBe([]);

    $fails = ForWhom::in(OnTheFloor::examine('closing-in', [], 'right palm chin'));
    expect($fails->works())->toBeFalse()
        ->and($fails->worst)->toBeLessThan(-0.05)
        ->and($fails->failure?->check->value)->toBe('out-of-reach');

    // After two walks of .42 m the attacker is 1.16 m away: the usual slide of .336 m leaves the palm 4 cm short, so it
    // goes farther.
    $steps = ForWhom::in(OnTheFloor::examine('closing-in', [], "look\nslide 12, right palm chin"));
    expect($steps->strides)->toHaveCount(1)
        ->and($steps->strides[0][0])->toBe('2')
        ->and($steps->strides[0][1]->metres)->toBeGreaterThan(0.336)
        ->toBeLessThan(0.4);
});
