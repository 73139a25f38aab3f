<?php

declare(strict_types=1);

use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingException;
use StoneDrill\Core\Geometry\BearingStyle;
use Tests\Support\English;

// An hour is 30°, a minute of the clock half a degree.
dataset('bearings', [
    'noon' => ['12', 0.0, 'front', '12'],
    'half past twelve' => ['12:30', 15.0, 'front (15°)', '11:30'],
    'one' => ['1', 30.0, 'front right (30°)', '11'],
    'half past one' => ['1:30', 45.0, 'front right', '10:30'],
    'three' => ['3', 90.0, 'right', '9'],
    'half past four' => ['4:30', 135.0, 'back right', '7:30'],
    'six' => ['6', 180.0, 'back', '6'],
    'nine' => ['9', 270.0, 'left', '3'],
    'half past ten' => ['10:30', 315.0, 'front left', '1:30'],
    'one minute past twelve' => ['12:01', 0.5, 'front (0.5°)', '11:59'],
    'one minute to twelve' => ['11:59', 359.5, 'front (359.5°)', '12:01'],
]);

it('reads the clock and spells three ways', function (
    string $clock,
    float $degrees,
    string $direction,
    string $mirror,
): void {
    $bearing = Bearing::clock($clock);

    expect($bearing->toDegrees())->toBe($degrees)
        ->and($bearing->toClock())->toBe($clock)
        ->and(English::say($bearing->spell(BearingStyle::Clock)))->toBe($clock)
        ->and(English::say($bearing->spell(BearingStyle::Degrees)))->toBe($degrees.'°')
        ->and(English::say($bearing->spell(BearingStyle::Directions)))->toBe($direction)
        ->and($bearing->mirror()->toClock())->toBe($mirror)
        ->and($bearing->mirror()->mirror()->equals($bearing))->toBeTrue()
        ->and(Bearing::degrees($degrees)->equals($bearing))->toBeTrue()
        ->and($bearing->opposite()->opposite()->equals($bearing))->toBeTrue();
})->with('bearings');

it('turns half round', function (string $clock, string $opposite): void {
    expect(Bearing::clock($clock)->opposite()->toClock())->toBe($opposite);
})->with([['12', '6'], ['3', '9'], ['10:30', '4:30'], ['7:30', '1:30']]);

it('takes turns of more than a round', function (float $degrees, string $clock): void {
    expect(Bearing::degrees($degrees)->toClock())->toBe($clock);
})->with([[360.0, '12'], [-90.0, '9'], [765.0, '1:30'], [-720.0, '12']]);

it('refuses what is no bearing', function (callable $read): void {
    expect($read)->toThrow(BearingException::class);
})->with([
    'nothing' => [fn () => Bearing::clock('')],
    'zero' => [fn () => Bearing::clock('0')],
    'thirteen' => [fn () => Bearing::clock('13')],
    'sixty minutes' => [fn () => Bearing::clock('9:60')],
    'one digit of minutes' => [fn () => Bearing::clock('9:5')],
    'a line break' => [fn () => Bearing::clock("9\n")],
    'words' => [fn () => Bearing::clock('nine')],
    'an hour that is none' => [fn () => Bearing::hour(0)],
    'a quarter degree' => [fn () => Bearing::degrees(0.25)],
]);
