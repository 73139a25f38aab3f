<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Floor\Deed;

/** Acting on what is over. */
final readonly class WornOffEffect implements Check
{
    public function rule(): Rule
    {
        return new Rule('worn-off', Severity::Note, 'acts on him after an effect on him has run out');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $acts = $frame->hits !== [] || array_filter($frame->deeds, static fn (Deed $deed): bool => $deed->action->deed instanceof Verb && $deed->action->targets !== []) !== [];
            foreach ($acts ? $frame->wornOff : [] as $over) {
                yield $this->rule()->at($frame, sprintf('He is no longer %s: that was over %.1f s before.', $over->effect->value, $over->ago), 'Act sooner, or say what he does then.');
            }
        }
    }
}
