<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** An attack that lands. */
final readonly class IsHit implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::IsHit, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $delivery = $frame->events->delivery;
            if ($delivery !== null && $delivery->lands() && ! $delivery->isHold) {
                yield $this->rule()->at($frame, ['out' => Figures::missing(-$delivery->out), 'off' => Figures::missing(-$delivery->off)], $delivery->isFollowUp ? 'follow-up' : 'attack');
            }
        }
    }
}
