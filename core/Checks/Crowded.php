<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** No room for the weapon. */
final readonly class Crowded implements Check
{
    /** Shares of the reach. */
    private const KICK = 0.5;
    private const HAND = 0.4;

    public function rule(): Rule
    {
        return new Rule(CheckId::Crowded, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                $least = $hit->strike->isKick() ? self::KICK : ($hit->strike->isStraight() ? self::HAND : 0.0);
                if ($hit->measure->margin !== null && $hit->measure->gap < $least * $hit->measure->reach - 1e-9) {
                    [$cm, $needed] = Figures::apart(
                        100 * max(0.0, $hit->measure->gap),
                        100 * $least * $hit->measure->reach,
                        0,
                    );
                    yield $this->rule()->at(
                        $frame,
                        ['weapon' => $hit->strike->value, 'cm' => $cm, 'needed' => $needed],
                        limb: $hit->limb,
                    );
                }
            }
        }
    }
}
