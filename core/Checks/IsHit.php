<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Delivery;

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
                yield $this->rule()->measured(
                    $frame,
                    $this->short($trial, $delivery),
                    $trial->tolerance(),
                    ['out' => Figures::missing(-$delivery->out), 'off' => Figures::missing(-$delivery->off)],
                    $delivery->isFollowUp ? 'follow-up' : 'attack',
                );
            }
        }
    }

    /** Metres that are missing to what saves most nearly: out of its reach, or off its line unless it comes round. */
    private function short(Trial $trial, Delivery $delivery): float
    {
        $comesRound = ! $delivery->isFollowUp && ($trial->attack->kind->blow()?->isRound() ?? false);

        return $comesRound ? -$delivery->out : -max($delivery->out, $delivery->off);
    }
}
