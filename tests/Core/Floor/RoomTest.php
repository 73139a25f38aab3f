<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Place;
use StoneDrill\Core\Attack\Posture;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\FirstStep;
use StoneDrill\Core\Floor\FirstSteps;
use StoneDrill\Core\Floor\Room;
use StoneDrill\Core\Floor\Setting;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Geometry\Reach;
use StoneDrill\Core\Technique\Beats;
use StoneDrill\Core\Technique\Notation\Printer;
use Tests\Core\Floor\OnTheFloor;

it('knows how far one can go', function (Place $place, Posture $posture, float $x, float $y, float $excess): void {
    expect((new Room($place, $posture))->excess(new Point(0, 0), new Point($x, $y)))->toEqualWithDelta($excess, 1e-9);
})->with([
    'open' => [Place::Open, Posture::Standing, 9, 9, 0],
    'along a corridor' => [Place::Narrow, Posture::Standing, 0.4, 5, 0],
    'across it' => [Place::Narrow, Posture::Standing, -0.7, 3, 0.2],
    'back into obstacles' => [Place::Obstacles, Posture::Standing, 0, -1, 0.2],
    'forward from them' => [Place::Obstacles, Posture::Standing, 0, 3, 0],
    'to 4 o’clock' => [Place::Obstacles, Posture::Standing, 2 * sin(deg2rad(120)), 2 * cos(deg2rad(120)), 1.2],
    'to 3:30' => [Place::Obstacles, Posture::Standing, 2 * sin(deg2rad(105)), 2 * cos(deg2rad(105)), 0],
    'down the stairs' => [Place::Stairs, Posture::Standing, 0, -0.5, 0.1],
    'in a crowd' => [Place::Crowd, Posture::Standing, 0, 1.3, 0.3],
    'into the wall' => [Place::Open, Posture::Wall, 0, -0.3, 0.3],
    'along it' => [Place::Open, Posture::Wall, 2, 0, 0],
    'a wall in a corridor: the larger one' => [Place::Narrow, Posture::Wall, 0.6, -0.6, hypot(0.6, 0.6)],
]);

it('lets nobody hop on stairs', function (): void {
    expect((new Room(Place::Stairs, Posture::Standing))->allowsHop())->toBeFalse()
        ->and((new Room(Place::Crowd, Posture::Standing))->allowsHop())->toBeTrue();
});

it('reaches over the floor by the height that is left', function (): void {
    // 5 long, 3 up: 4 over the floor; 1 more for leaning; not at all when the height is more than the length.
    expect(Reach::at(5, 10, 10, 13, 1))->toBe(5.0)
        ->and(Reach::at(5, 10, 9, 9.5, 0))->toBe(5.0)
        ->and(Reach::at(5, 10, 9, 6, 0))->toBe(4.0)
        ->and(Reach::at(5, 10, 10, 15.1, 0))->toBeNull()
        // The attacker bends: whatever the height, .8 of 5 are used up at most.
        ->and(Reach::bent(5, 10, 10, 30, 0))->toEqualWithDelta(3.0, 1e-12);
});

it('finds the first step that all the others are no better than', function (
    string $kind,
    array $values,
    string $strike,
    Setting $setting = new Setting(),
): void {
    $of = Kinds::builtIn()->get($kind);
    $facets = OnTheFloor::facets($of, $values);
    $bodies = new Bodies(1.6, 1.8);
    $steps = (new FirstSteps($of, $facets, $bodies, $setting))->best(Beats::parse($strike)->line[0]->actions[0]);

    // Every one of them, written out and run.
    $possible = [];
    foreach (['left foot step', 'right foot step', 'slide', 'hop'] as $verb) {
        foreach (range(1, 12) as $hour) {
            $frame = (new Simulation($of, $facets, $bodies, $setting))->run(Beats::parse("{$verb} {$hour}, {$strike}"))
                ->frames[0];
            $hit = $frame->hits[0];
            if ($hit->reaches() && $hit->aim->isFaced && $hit->aim->isInArc) {
                $worst = $frame->positions()->threats === []
                    ? -INF
                    : max(array_map(static fn ($threat): float => $threat->margin, $frame->positions()->threats));
                $possible["{$verb} {$hour}"] = [
                    ($frame->events->delivery?->lands() ?? false) && ! $frame->events->delivery->isHold,
                    $worst,
                ];
            }
        }
    }
    asort($possible);
    $found = array_map(static fn (FirstStep $step): array => [$step->isHit, $step->threat ?? -INF], $steps);

    expect($found)->toEqual(array_values($possible))
        ->and(array_map(static fn (FirstStep $step): string => (new Printer())->action($step->action), $steps))
        ->toEqualCanonicalizing(array_keys($possible));
})->with([
    ['punch-straight', ['phase' => 'reaching'], 'left palm chin'],
    ['wrist-cross', [], 'left palm chin'],
    ['kick-front', ['phase' => 'reaching', 'bearing' => '2'], 'right front kick groin'],
    ['wrist-cross', [], 'left palm chin', new Setting(turning: 15.0)],
]);
