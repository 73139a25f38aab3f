<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Attack\Family;

/** A choke that is left on. */
final readonly class SlowChoke implements Check
{
    /** Seconds. */
    private const MOST = 5.0;

    public function rule(): Rule
    {
        return new Rule('slow-choke', Severity::Warn, 'a choke is on after beat 1 without tuck, strip, clamp or peel, or is on after 5 s');
    }

    public function find(Trial $trial): iterable
    {
        if ($trial->attack->kind->family !== Family::Choke) {
            return;
        }
        $late = false;
        foreach ($trial->run->mainLine as $frame) {
            if (! $frame->isHeld) {
                return;
            }
            if ($frame->number === '1' && ! $frame->does(Verb::Tuck, Verb::Strip, Verb::Clamp, Verb::Peel)) {
                yield $this->rule()->at($frame, 'The choke is on after the first beat, and nothing has been done to breathe.', 'Begin with tuck, clamp, strip or peel.');
            }
            if ($frame->time > self::MOST + 1e-9 && ! $late) {
                $late = true;
                yield $this->rule()->at($frame, sprintf('The choke is still on after %.1f s.', $frame->time), 'End the hold sooner.');
            }
        }
    }
}
