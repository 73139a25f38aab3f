<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Geometry\Angle;

/** The back to a hand that reaches. */
final readonly class BackTurned implements Check
{
    /** Degrees off the attacker's bearing. */
    private const AWAY = 120.0;

    public function rule(): Rule
    {
        return new Rule(CheckId::BackTurned, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->number === '1' || $frame->isHeld || ! $frame->isReachedByHand()) {
                continue;
            }
            $away = abs(
                Angle::turn(
                    $frame->positions()->defender->facing,
                    $frame->positions()->defender->feet->axis->bearingTo($frame->positions()->attacker->feet->axis),
                ),
            );
            if ($away > self::AWAY + 1e-9) {
                yield $this->rule()->at($frame, ['degrees' => (int) round($away)]);
            }
        }
    }
}
