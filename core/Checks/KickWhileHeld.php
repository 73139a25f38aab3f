<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Intent;
use StoneDrill\Core\Curriculum\CheckId;

/** On one leg while being pulled. */
final readonly class KickWhileHeld implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::KickWhileHeld, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        if ($trial->facets->intent !== Intent::Move && $trial->facets->intent !== Intent::TakeDown) {
            return;
        }
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->movement->carried ? $frame->hits : [] as $hit) {
                if ($hit->strike->liftsFoot()) {
                    yield $this->rule()->at($frame, ['limb' => $hit->limb->value], limb: $hit->limb);
                }
            }
        }
    }
}
