<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Doctrine;

/** A strike in an answer that is to hold without striking. */
final readonly class StrikeUnderControl implements Check
{
    public function rule(): Rule
    {
        return new Rule('strike-under-control', Severity::Stop, 'a strike where the doctrine is to control');
    }

    public function find(Trial $trial): iterable
    {
        if ($trial->doctrine() !== Doctrine::Control) {
            return;
        }
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                yield $this->rule()->at($frame, sprintf('A %s to the %s, where the doctrine is to control without striking.', $hit->strike->value, $hit->target->value), 'Control in its place, or give this answer another doctrine.', $hit->limb);
            }
        }
    }
}
