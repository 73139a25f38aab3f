<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\Start;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Floor\OnTheFloor;
use Tests\Core\Floor\PropertiesFixture;
use Tests\Core\Technique\RandomBeats;
use Tests\Support\Made;

it('lands every attack on one who stands still, with 15 cm to spare', function (string $id): void {
    $kind = Kinds::builtIn()->get($id);
    $tried = 0;
    foreach ($kind->hands as $hand) {
        foreach ($kind->bearings as $hour) {
            for ($defender = 1.0; $defender < 2.21; $defender += 0.2) {
                for ($attacker = 1.0; $attacker < 2.21; $attacker += 0.2) {
                    $facets = OnTheFloor::facets($kind, [
                        'hand' => $hand->value,
                        'bearing' => (string) $hour,
                        'phase' => 'reaching',
                        'entry' => ['stand', 'step', 'through'][$tried % 3],
                    ]);
                    $frame = (new Simulation($kind, $facets, new Bodies($defender, $attacker)))->run(
                        Beats::parse('look'),
                    )->frames[0];
                    $tried++;
                    if (! $frame->events->delivery->lands() || abs($frame->events->delivery->out + 0.15) > 1e-9) {
                        expect([$hour, $hand->value, $defender, $attacker, $frame->events->delivery])->toBe(
                            'landed with 15 cm',
                        );
                    }
                }
            }
        }
    }
    expect($tried)->toBeGreaterThan(240);
})->with(
    array_map(
        static fn ($kind): array => [$kind->id],
        array_values(
            array_filter(
                Kinds::builtIn()->all(),
                static fn ($kind): bool => $kind->start->isHold() || $kind->start === Start::Delivered,
            ),
        ),
    ),
);

it('lets no two bodies overlap, whatever is done', function (): void {
    for ($seed = 1; $seed <= 400; $seed++) {
        [$kind, $facets, $bodies] = Made::drawn($seed);
        if ($kind->start->isOnTheGround()) {
            continue;
        }
        foreach ((new Simulation($kind, $facets, $bodies))->run((new RandomBeats($seed))->beats())->frames as $frame) {
            expect($frame->positions()->distance)->toBeGreaterThanOrEqual(
                $bodies->least() - 1e-6,
                "seed {$seed}, beat {$frame->number}",
            );
        }
    }
});

it('mirrors every frame when the answer and the attack are mirrored', function (): void {
    $compared = 0;
    for ($seed = 1; $seed <= 2400; $seed++) {
        [$kind, $facets, $bodies] = Made::drawn($seed);
        $beats = (new RandomBeats($seed))->beats();
        if (PropertiesFixture::hasTies($beats, $kind, $facets)) {
            continue;
        }
        $run = (new Simulation($kind, $facets, $bodies))->run($beats);
        $mirrored = (new Simulation($kind, $facets->mirror(), $bodies))->run($beats->mirror());
        foreach ($run->frames as $index => $frame) {
            $other = $mirrored->frames[$index];
            expect(PropertiesFixture::seenFrom($frame, 1))->toEqualWithDelta(
                PropertiesFixture::seenFrom($other, -1),
                1e-6,
                "seed {$seed}, beat {$frame->number}",
            );
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(300);
});

it('moves nothing that no action moves', function (): void {
    // Hands alone, against one who holds and does not move: everybody stays.
    for ($seed = 1; $seed <= 60; $seed++) {
        [$kind, $facets, $bodies] = Made::drawn($seed);
        if (! in_array($facets->phase->value, ['landed', 'follow-up'], true)) {
            continue;
        }
        $run = (new Simulation($kind, $facets, $bodies))->run(
            Beats::parse("left hand tuck, right stomp instep\nlook\nsay \"Stop\"\nright hand press"),
        );
        foreach ($run->frames as $frame) {
            expect($frame->positions()->defender->feet->axis)->toEqual($run->start->positions()->defender->feet->axis)
                ->and($frame->positions()->attacker->feet->axis)
                ->toEqual($run->start->positions()->attacker->feet->axis)
                ->and($frame->positions()->defender->facing)->toBe($run->start->positions()->defender->facing);
        }
    }
});

it('knows nothing of how a school spells bearings', function (): void {
    // The core's floor takes no style at all: the same attack in degrees and by the clock is the same value.
    $clock = OnTheFloor::run('punch-straight', ['phase' => 'reaching'], 'left foot step 10:30');
    $degrees = OnTheFloor::run('punch-straight', ['phase' => 'reaching'], 'left foot step 315°');
    expect($clock->frames)->toEqual($degrees->frames);
});

it('goes around in angles', function (float $from, float $to, float $turn): void {
    expect(Angle::turn($from, $to))->toEqualWithDelta($turn, 1e-9);
})->with([
    [0, 90, 90], [90, 0, -90], [350, 10, 20], [10, 350, -20], [0, 180, 180], [180, 0, 180], [270, 90, 180],
    [720, 30, 30],
]);
