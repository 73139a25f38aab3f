<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Intent;

/** On one leg while being pulled. */
final readonly class KickWhileHeld implements Check
{
    public function rule(): Rule
    {
        return new Rule('kick-while-held', Severity::Warn, 'a kick or knee while a moving hold pulls');
    }

    public function find(Trial $trial): iterable
    {
        if ($trial->facets->intent !== Intent::Move && $trial->facets->intent !== Intent::TakeDown) {
            return;
        }
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->carried ? $frame->hits : [] as $hit) {
                if ($hit->strike->liftsFoot()) {
                    yield $this->rule()->at($frame, sprintf('The %s leaves one foot to stand on while he pulls.', $hit->limb->value), 'End the pull first, or strike with a hand or elbow.', $hit->limb);
                }
            }
        }
    }
}
