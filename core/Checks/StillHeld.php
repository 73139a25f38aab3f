<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;

/** Leaving while held. */
final readonly class StillHeld implements Check
{
    public function rule(): Rule
    {
        return new Rule('still-held', Severity::Stop, 'leaves with a hold on');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->does(Verb::Leave) && ($frame->heldBefore || $frame->isHeld)) {
                yield $this->rule()->at($frame, sprintf('Leaves while %s on.', $frame->isHeld ? implode(' and ', $frame->holds()).(count($frame->holds()) === 1 && ! str_starts_with($frame->holds()[0], 'both') ? ' is' : ' are') : 'the hold is only ending'), 'End the hold in a beat before: strip it, or say what releases it.');
            }
        }
    }
}
