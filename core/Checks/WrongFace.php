<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Angle;

/** A target on the other side of him. */
final readonly class WrongFace implements Check
{
    public function rule(): Rule
    {
        return new Rule('wrong-face', Severity::Stop, 'the target is on the half of his body that is turned away');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if (! $hit->isFaced) {
                    yield $this->rule()->at($frame, sprintf('The %s is turned away: the defender stands %s of him.', $hit->target->value, Figures::side(Angle::turn($frame->attacker->facing, $frame->attacker->axis->bearingTo($frame->defender->axis)))), 'Take a target that is on this side of him, or turn him first.', $hit->limb);
                }
            }
        }
    }
}
