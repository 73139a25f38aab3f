<?php

declare(strict_types=1);

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Floor\StepField;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Floor\OnTheFloor;

/**
 * What a run with slides of exactly so many metres comes to: the slides are written in place of the steps of the beat.
 */
function slidRun(Simulation $simulation, string $before, string $rest, float $x, float $y, string $strike): Frame
{
    $slides = array_filter([
        abs($x) < 1e-9 ? '' : sprintf('slide %s %.2f m', $x > 0 ? '3' : '9', abs($x)),
        abs($y) < 1e-9 ? '' : sprintf('slide %s %.2f m', $y > 0 ? '12' : '6', abs($y)),
        $rest,
        $strike,
    ]);
    $beats = Beats::parse($before.($before === '' ? '' : "\n").implode(', ', $slides === [] ? ['look'] : $slides));
    $frames = $simulation->run($beats)->frames;

    return $frames[count($frames) - 1];
}

it('says of every cell what a single run says', function (
    string $kind,
    array $values,
    string $before,
    string $beat,
    string $rest,
    string $strike = 'right palm chin',
): void {
    mt_srand(crc32($kind.$beat));
    $of = Kinds::builtIn()->get($kind);
    $simulation = new Simulation($of, OnTheFloor::facets($of, $values), new Bodies(1.68, 1.85));
    $beats = Beats::parse(ltrim("{$before}\n{$beat}"));
    $at = count($beats->line) - 1;
    [$plain, $struck] = [
        $simulation->field($beats, $at),
        $simulation->field($beats, $at, Beats::parse($strike)->line[0]->actions[0]),
    ];
    // The corners are the farthest away.
    $asked = [
        [0, 0],
        [0, StepField::CELLS - 1],
        [StepField::CELLS - 1, 0],
        [StepField::CELLS - 1, StepField::CELLS - 1],
    ];
    for ($case = 0; $case < 50; $case++) {
        $asked[] = [mt_rand(0, StepField::CELLS - 1), mt_rand(0, StepField::CELLS - 1)];
    }
    foreach ($asked as [$column, $row]) {
        [$x, $y] = [StepField::offset($column), StepField::offset($row)];
        if ($x === 0.0 && $y === 0.0) {
            continue;
        }
        $frame = slidRun($simulation, $before, $rest, $x, $y, '');
        $cell = $plain->cells[$row][$column];
        $margins = array_map(static fn ($threat): float => $threat->margin, $frame->positions()->threats);
        expect($cell->isHit)->toBe($frame->events->delivery?->lands() ?? false, "{$x} {$y}")
            ->and($cell->threats)->toBe(count($frame->reaching), "{$x} {$y}")
            ->and($cell->worst === null ? null : round($cell->worst, 9))
            ->toBe($margins === [] ? null : round(max($margins), 9), "{$x} {$y}");
        $hit = slidRun($simulation, $before, $rest, $x, $y, $strike)->hits[0];
        expect($struck->cells[$row][$column]->strikes)->toBe(
            $hit->reaches() && $hit->aim->isFaced && $hit->aim->isInArc,
            "{$x} {$y} {$strike}",
        );
    }
})->with([
    'a punch' => [
        'punch-straight',
        ['phase' => 'reaching'],
        '',
        'left foot step 9, left hand parry forearm',
        'left hand parry forearm',
    ],
    'a swing' => ['swing', ['phase' => 'reaching'], '', 'left foot step 9', ''],
    'a hold' => ['wrist-cross', [], '', 'right foot step 1:30, left hand guard', 'left hand guard'],
    'a kick at a leg' => ['wrist-cross', [], '', 'right foot step 1:30', '', 'right front kick knee'],
    'a strike on the arm that comes' => [
        'punch-straight', ['phase' => 'reaching'], '', 'left foot step 9', '', 'left hammer forearm',
    ],
    'a strike on the arm that swings' => [
        'swing', ['phase' => 'reaching'], 'left foot step 9, left hand parry forearm', 'look', '', 'right hammer hand',
    ],
    'a strike on a hand that pushes' => [
        'push-two', ['phase' => 'reaching'], '', 'left hand parry forearm', 'left hand parry forearm',
        'right hammer hand',
    ],
    'a strike that goes round' => [
        'swing', ['phase' => 'reaching'], '', 'left foot step 9', '', 'right hammer back of head',
    ],
    'a spin' => [
        'punch-straight', ['phase' => 'reaching'], '', 'left foot step 9', '', 'right spinning backhand temple',
    ],
    'the second beat' => [
        'punch-straight',
        ['phase' => 'reaching'],
        'left foot step 9, left hand parry forearm',
        'slide 12, both hands guard',
        'both hands guard',
    ],
]);

it('lies round where the defender is before the beat', function (): void {
    $of = Kinds::builtIn()->get('punch-straight');
    $field = (new Simulation($of, OnTheFloor::facets($of, ['phase' => 'reaching']), new Bodies(1.68, 1.68)))->field(
        Beats::parse("slide 9 0.40 m\nleave 6"),
        1,
    );

    expect($field->from->x)->toEqualWithDelta(-0.4, 1e-9)
        ->and($field->cells)->toHaveCount(60)
        ->and($field->cells[59])->toHaveCount(60)
        ->and(StepField::offset(30))->toBe(0.0)
        ->and(StepField::offset(0))->toBe(-1.5)
        ->and(StepField::offset(59))->toBe(1.45)
        ->and($field->at(30, 31)->y)->toEqualWithDelta($field->from->y + 0.05, 1e-9);
});

it('knows that far away one is free', function (): void {
    $of = Kinds::builtIn()->get('punch-straight');
    $field = (new Simulation($of, OnTheFloor::facets($of, ['phase' => 'reaching']), new Bodies(1.68, 1.68)))->field(
        Beats::parse('left foot step 9'),
        0,
    );

    // Standing still one is hit; a metre and a half back nothing reaches.
    expect($field->cells[30][30]->isHit)->toBeTrue()
        ->and($field->cells[0][30]->isFree())->toBeTrue();
});
