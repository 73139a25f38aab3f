<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Doctrine;
use StoneDrill\Core\Answer\Verb;

/** Hitting where the school wants to be gone. */
final readonly class StrikesBeforeRelease implements Check
{
    private const MOST = 2;

    public function rule(): Rule
    {
        return new Rule('strikes-before-release', Severity::Warn, 'more than two strikes before the first beat that ends unheld (where there is no hold: before leaving), under escape');
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
            foreach ($frame->deeds as $deed) {
                $strikes += $deed->hit === null ? 0 : $deed->action->count;
            }
            if ($strikes > self::MOST && $before <= self::MOST) {
                yield $this->rule()->at($frame, sprintf('%d strikes, and still %s.', $strikes, $isHold ? 'held' : 'not leaving'), $isHold ? 'Release first, strike less.' : 'Leave sooner.');
            }
        }
    }
}
