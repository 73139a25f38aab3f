<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;

/** One limb that is asked for two things at once. */
final readonly class TwoJobs implements Check
{
    public function rule(): Rule
    {
        return new Rule('two-jobs', Severity::Stop, 'one limb does two things in a beat, or a gripping hand strikes without letting go');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $busy = [];
            foreach ($frame->deeds as $deed) {
                if ($deed->gripped && $deed->limb !== null) {
                    yield $this->rule()->at($frame, sprintf('The %s strikes and has not let go of what it grips.', $deed->limb->value), 'Let go in the beat before, or strike with the other hand.', $deed->limb);
                }
                foreach ($deed->limb?->singles() ?? [] as $limb) {
                    if (isset($busy[$limb->value]) && ! $deed->action->is(Verb::LetGo)) {
                        yield $this->rule()->at($frame, sprintf('The %s does two things in one beat.', $limb->value), 'Give one of them to another limb, or to the next beat.', $limb);
                    }
                    if (! $deed->action->is(Verb::LetGo)) {
                        $busy[$limb->value] = true;
                    }
                }
            }
        }
    }
}
