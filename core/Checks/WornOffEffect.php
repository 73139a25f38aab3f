<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\PerformedAction;
use StoneDrill\Core\Technique\Verb;

/** Acting on what is over. */
final readonly class WornOffEffect implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::WornOff, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $acts = $frame->hits !== []
            || array_filter(
                $frame->events->performed,
                static fn (PerformedAction $done): bool => $done->action->verb instanceof Verb
                    && $done->action->targets !== [],
            ) !== [];
            foreach ($acts ? $frame->events->wornOff : [] as $over) {
                yield $this->rule()->at($frame, [
                    'effect' => $over->effect->value,
                    'seconds' => Figures::decimals($over->ago, 1),
                ]);
            }
        }
    }
}
