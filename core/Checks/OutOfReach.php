<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** A strike that does not get there. */
final readonly class OutOfReach implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::OutOfReach, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if ($hit->measure->tooFarUp) {
                    yield $this->rule()->at($frame, ['limb' => $hit->limb->value, 'target' => $hit->target->value, 'cm' => (int) round(100 * (float) $hit->measure->height)], 'height', $hit->limb);
                } elseif (! $hit->reaches()) {
                    yield $this->rule()->measured($frame, -(float) $hit->measure->sum(), $trial->tolerance(), ['weapon' => $hit->weapon(), 'target' => $hit->target->value, 'cm' => Figures::beside(-(float) $hit->measure->sum(), $trial->standards->school->tolerance)], 'short', $hit->limb);
                }
            }
        }
    }
}
