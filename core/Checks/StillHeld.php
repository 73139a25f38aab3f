<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Technique\Verb;

/** Leaving while held. */
final readonly class StillHeld implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::StillHeld, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $leaves = $frame->does(Verb::Leave);
            if ($frame->hasAttackerHeld()) {
                continue;
            }
            if ($leaves && ($frame->events->heldBefore || $frame->isHeld)) {
                yield $this->rule()->at(
                    $frame,
                    ['holds' => $frame->events->hold->names()],
                    $frame->isHeld ? 'held' : 'ending',
                );
            } elseif ($frame->isHeld && $frame->isOnMainLine() && $this->isLast($trial, $frame)) {
                yield $this->rule()->at($frame, ['holds' => $frame->events->hold->names()], 'end');
            }
        }
    }

    /**
     * Whether it is the last beat of the main line; where some beats alone are looked at, the one that is numbered so.
     */
    private function isLast(Trial $trial, Frame $frame): bool
    {
        return (int) $frame->number >= count($trial->answer->beats->line) && $trial->run->end() === $frame;
    }
}
