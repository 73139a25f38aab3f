<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Technique\Verb;

/** One limb that is asked for two things at once. */
final readonly class TwoJobs implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::TwoJobs, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $busy = [];
            foreach ($frame->events->performed as $done) {
                if ($done->gripped && $done->limb !== null) {
                    yield $this->rule()->at($frame, ['limb' => $done->limb->value], 'grips', $done->limb);
                }
                foreach ($done->limb?->singles() ?? [] as $limb) {
                    if (isset($busy[$limb->value]) && ! $done->action->is(Verb::LetGo)) {
                        yield $this->rule()->at($frame, ['limb' => $limb->value], 'twice', $limb);
                    }
                    if (! $done->action->is(Verb::LetGo)) {
                        $busy[$limb->value] = true;
                    }
                }
            }
        }
    }
}
