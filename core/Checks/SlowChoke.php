<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Technique\Verb;

/** A choke that is left on. */
final readonly class SlowChoke implements Check
{
    /** Seconds. */
    private const MAX = 5.0;

    public function rule(): Rule
    {
        return new Rule(CheckId::SlowChoke, Severity::Warn);
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
                yield $this->rule()->at($frame, case: 'first');
            }
            if ($frame->time > self::MAX + 1e-9 && ! $late) {
                $late = true;
                yield $this->rule()->at($frame, ['seconds' => Figures::decimals($frame->time, 1)], 'long');
            }
        }
    }
}
