<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;

/** Crossed feet where he reaches. */
final readonly class CrossedFeet implements Check
{
    public function rule(): Rule
    {
        return new Rule('crossed-feet', Severity::Note, 'crosses the feet within his reach');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->does(Verb::Cross) && $frame->reaching !== []) {
                yield $this->rule()->at($frame, 'Crosses the feet while he reaches.', 'Step or slide instead.');
            }
        }
    }
}
