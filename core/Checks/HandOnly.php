<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** Only a hand between the head and the blow. */
final readonly class HandOnly implements Check
{
    public function rule(): Rule
    {
        return new Rule('hand-only', Severity::Note, 'a blow is stopped by a hand alone while the head stays in line');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $delivery = $frame->delivery;
            $isBlow = $delivery !== null && ($delivery->what === 'follow-up' || ($trial->attack->kind->blow()?->isStrikeOrKick() ?? false));
            if ($isBlow && $delivery->why === 'stopped' && $delivery->off < 0 && $delivery->out <= 0) {
                yield $this->rule()->at($frame, sprintf('Only a hand stops it; the head is %s off the line.', Figures::short(-$delivery->off)), 'Take the head off the line too.');
            }
        }
    }
}
