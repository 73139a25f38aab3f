<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** A weapon that does not go that way. */
final readonly class WrongArc implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::WrongArc, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if (! $hit->aim->isInArc) {
                    yield $this->rule()->measured(
                        $frame,
                        $hit->aim->missesArc,
                        Tolerance::degrees(),
                        ['weapon' => $hit->weapon(), 'degrees' => (int) round(abs($hit->aim->off))],
                        $hit->aim->off < 0 ? 'left' : 'right',
                        $hit->limb,
                    );
                }
            }
        }
    }
}
