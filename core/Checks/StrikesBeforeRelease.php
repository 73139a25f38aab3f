<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Technique\Verb;

/** Hitting where the school wants to be gone. */
final readonly class StrikesBeforeRelease implements Check
{
    private const MAX = 2;

    public function rule(): Rule
    {
        return new Rule(CheckId::StrikesBeforeRelease, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        if ($trial->doctrine() !== Doctrine::Escape) {
            return;
        }
        $isHold = $trial->attack->kind->start->isHold();
        $strikes = 0;
        foreach ($trial->run->mainLine as $frame) {
            if ($isHold ? ! $frame->isHeld : $frame->does(Verb::Leave)) {
                return;
            }
            $before = $strikes;
            foreach ($frame->events->performed as $done) {
                $strikes += $done->hit === null ? 0 : $done->action->manner->count;
            }
            if ($strikes > self::MAX && $before <= self::MAX) {
                yield $this->rule()->at($frame, ['strikes' => $strikes], $isHold ? 'held' : 'staying');
            }
        }
    }
}
