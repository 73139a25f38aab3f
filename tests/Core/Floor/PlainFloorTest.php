<?php

declare(strict_types=1);

use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Simulation;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;
use Tests\Core\Floor\PlainFloor;
use Tests\Core\Technique\RandomBeats;
use Tests\Support\Made;

/** The main line alone: what the second writing knows. */
function mainLineOf(Beats $beats): Beats
{
    return new Beats(array_map(static fn (Beat $beat): Beat => new Beat($beat->actions, $beat->effects), $beats->line));
}

/** A frame in the shape of the second writing. */
function asPlain(Frame $frame): array
{
    $threats = [];
    foreach ($frame->reaching as $threat) {
        $threats[$threat->name()] = $threat->margin;
    }
    ksort($threats);

    return [
        'time' => $frame->time,
        'me' => [$frame->positions->defender->axis->x, $frame->positions->defender->axis->y],
        'attacker' => [$frame->positions->attacker->axis->x, $frame->positions->attacker->axis->y],
        'facing' => $frame->positions->defender->facing,
        'attacker facing' => $frame->positions->attacker->facing,
        'held' => $frame->isHeld,
        'verdict' => $frame->events->delivery === null ? null : [$frame->events->delivery->lands() ? null : $frame->events->delivery->verdict->value, $frame->events->delivery->out, $frame->events->delivery->off],
        'margins' => array_map(static fn ($hit): array => ['limb' => $hit->limb->value, 'target' => $hit->target->value, 'margin' => $hit->margin, 'high' => $hit->tooFarUp, 'faced' => $hit->isFaced], $frame->hits),
        'threats' => $threats,
        'pose' => $frame->positions->attacker->posture->value,
    ];
}

/** Everything flat, directions as points of a circle, so that 0 and 360 are the same. */
function flat(array $row): array
{
    foreach (['facing', 'attacker facing'] as $direction) {
        $row[$direction] = [round(cos(deg2rad($row[$direction])), 6) + 0.0, round(sin(deg2rad($row[$direction])), 6) + 0.0];
    }
    array_walk_recursive($row, static function (mixed &$value): void {
        $value = is_float($value) || is_int($value) ? round($value, 6) + 0.0 : $value;
    });

    return $row;
}

it('finds what a second writing of the rules finds', function (int $block): void {
    $compared = 0;
    for ($seed = 1000 * $block; $seed < 1000 * $block + 150; $seed++) {
        [$kind, $facets, $bodies] = Made::drawn($seed);
        $beats = mainLineOf((new RandomBeats($seed))->beats());
        // Spinning strikes and the arm that is gone hang on choices of this house, which the second writing does not know.
        if (preg_match('/spinning|arm gone/', $beats->toText()) === 1) {
            continue;
        }
        $plain = (new PlainFloor($kind->id, $facets->toArray(), $bodies->defender, $bodies->attacker))->run($beats);
        foreach ((new Simulation($kind, $facets, $bodies))->run($beats)->frames as $index => $frame) {
            expect(flat(asPlain($frame)))->toBe(flat($plain[$index]), "seed {$seed}, {$kind->id}, beat {$frame->number} of\n{$beats->toText()}");
            $compared++;
        }
    }
    expect($compared)->toBeGreaterThan(150);
})->with(array_map(static fn (int $block): array => [$block], range(1, 8)));
