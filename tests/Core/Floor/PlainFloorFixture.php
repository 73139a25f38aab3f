<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Beats;

/** What the tests of PlainFloor share. */
final class PlainFloorFixture
{
    /** The main line alone: what the second writing knows. */
    public static function mainLineOf(Beats $beats): Beats
    {
        return new Beats(
            array_map(
                static fn (Beat $beat): Beat => new Beat($beat->actions, $beat->effects, isTogether: $beat->isTogether),
                $beats->line,
            ),
        );
    }

    /** Three beats in which a foot goes somewhere and a limb strikes or takes hold: what elastic lengths are for. */
    public static function stepAndStrike(int $seed): Beats
    {
        mt_srand($seed);
        $one = static fn (array $of): string => $of[mt_rand(0, count($of) - 1)];
        $lines = [];
        for ($line = 0; $line < 3; $line++) {
            $lines[] = implode(', ', [
                $one(['left foot step', 'right foot step', 'slide', 'hop', 'left foot cross'])
                .' '
                .mt_rand(1, 12),
                $one(['left', 'right'])
                .' '
                .$one(['palm', 'elbow', 'knee', 'front kick', 'hammer', 'hand clamp', 'hand lock'])
                .' '
                .$one(['wrist', 'elbow']),
                $one(['right', 'left'])
                .' '
                .$one(['palm', 'punch', 'edge'])
                .' '
                .$one(['chin', 'ribs', 'groin', 'forearm', 'temple']),
            ]).$one(['', ' -> rocked', ' -> driven back', ' -> pulled in']);
        }

        return Beats::parse(implode("\n", $lines));
    }

    /** A frame in the shape of the second writing. */
    public static function asPlain(Frame $frame): array
    {
        $threats = [];
        foreach ($frame->reaching as $threat) {
            $threats[$threat->name()] = $threat->margin;
        }
        ksort($threats);

        return [
            'time' => $frame->time,
            'share' => $frame->movement->strides[0]->factor ?? 1.0,
            'me' => [$frame->positions()->defender->feet->axis->x, $frame->positions()->defender->feet->axis->y],
            'attacker' => [$frame->positions()->attacker->feet->axis->x, $frame->positions()->attacker->feet->axis->y],
            'facing' => $frame->positions()->defender->facing,
            'attacker facing' => $frame->positions()->attacker->facing,
            'held' => $frame->isHeld,
            'verdict' => $frame->events->delivery === null
                ? null
                : [
                    $frame->events->delivery->lands() ? null : $frame->events->delivery->verdict->value,
                    $frame->events->delivery->out,
                    $frame->events->delivery->off,
                ],
            'margins' => array_map(
                static fn ($hit): array => [
                    'limb' => $hit->limb->value,
                    'target' => $hit->target->value,
                    'margin' => $hit->measure->margin,
                    'high' => $hit->measure->tooFarUp,
                    'faced' => $hit->aim->isFaced,
                    'turn' => $hit->aim->turn,
                    'drive' => $hit->measure->drive,
                ],
                $frame->hits,
            ),
            'controls' => array_map(
                static fn ($grasp): array => [
                    'limb' => $grasp->limb->value,
                    'target' => $grasp->target->value,
                    'drive' => $grasp->measure->drive,
                    'margin' => $grasp->measure->margin,
                    'high' => $grasp->measure->tooFarUp,
                ],
                $frame->grasps,
            ),
            'threats' => $threats,
            'pose' => $frame->positions()->attacker->posture->value,
        ];
    }

    /** Everything flat, directions as points of a circle, so that 0 and 360 are the same. */
    public static function flat(array $row): array
    {
        foreach (['facing', 'attacker facing'] as $direction) {
            $row[$direction] = [
                round(cos(deg2rad($row[$direction])), 6) + 0.0,
                round(sin(deg2rad($row[$direction])), 6) + 0.0,
            ];
        }
        array_walk_recursive($row, static function (mixed &$value): void {
            $value = is_float($value) || is_int($value) ? round($value, 6) + 0.0 : $value;
        });

        return $row;
    }
}
