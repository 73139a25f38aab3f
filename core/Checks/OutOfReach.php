<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** A strike that does not get there. */
final readonly class OutOfReach implements Check
{
    public function rule(): Rule
    {
        return new Rule('out-of-reach', Severity::Stop, 'a strike’s margin is below 0');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if ($hit->tooFarUp) {
                    yield $this->rule()->at($frame, sprintf('The %s cannot get to the %s at any distance: it is %d cm above the floor.', $hit->limb->value, $hit->target->value, (int) round(100 * (float) $hit->height)), 'Take a target at another height, or a longer weapon.', $hit->limb);
                } elseif ($hit->margin !== null && $hit->margin < 0) {
                    yield $this->rule()->at($frame, sprintf('The %s is %s of the %s.', trim($hit->limb->value.' '.($hit->strike->isItsOwnLimb() ? '' : $hit->strike->value)), Figures::short(-$hit->margin), $hit->target->value), 'Step nearer in this beat or the one before, or take a longer weapon or a nearer target.', $hit->limb);
                }
            }
        }
    }
}
