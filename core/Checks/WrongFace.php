<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Geometry\Angle;

/** A target on the other side of the attacker. */
final readonly class WrongFace implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::WrongFace, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if (! $hit->aim->isFaced) {
                    yield $this->rule()->measured(
                        $frame,
                        $hit->aim->missesFace,
                        Tolerance::degrees(),
                        [
                            'target' => $hit->target->value,
                            'side' => Figures::side(
                                Angle::turn(
                                    $frame->positions()->attacker->facing,
                                    $frame
                                        ->positions()
                                        ->attacker->feet->axis->bearingTo($frame->positions()->defender->feet->axis),
                                ),
                            ),
                        ],
                        limb: $hit->limb,
                    );
                }
            }
        }
    }
}
