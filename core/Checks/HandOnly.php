<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Verdict;

/** Only a hand between the head and the blow. */
final readonly class HandOnly implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::HandOnly, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $delivery = $frame->events->delivery;
            $isBlow = $delivery !== null
            && ($delivery->isFollowUp || ($trial->attack->kind->blow()?->isStrikeOrKick() ?? false));
            if ($isBlow && $delivery->verdict === Verdict::Stopped && $delivery->off < 0 && $delivery->out <= 0) {
                yield $this->rule()->at($frame, ['cm' => (int) round(-100 * $delivery->off)]);
            }
        }
    }
}
