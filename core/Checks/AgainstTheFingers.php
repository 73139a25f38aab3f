<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Technique\Toward;
use StoneDrill\Core\Technique\Verb;

/** A strip against four fingers. */
final readonly class AgainstTheFingers implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::AgainstTheFingers, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->events->performed as $done) {
                if ($done->action->is(Verb::Strip) && $done->action->toward === Toward::Fingers) {
                    yield $this->rule()->at($frame, limb: $done->limb);
                }
            }
        }
    }
}
