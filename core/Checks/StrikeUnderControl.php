<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;

/** A strike in an answer that is to hold without striking. */
final readonly class StrikeUnderControl implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::StrikeUnderControl, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        if ($trial->doctrine() !== Doctrine::Control) {
            return;
        }
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                yield $this->rule()->at(
                    $frame,
                    ['weapon' => $hit->strike->value, 'target' => $hit->target->value],
                    limb: $hit->limb,
                );
            }
        }
    }
}
