<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Technique\Verb;

/** Crossed feet where the attacker reaches. */
final readonly class CrossedFeet implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::CrossedFeet, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->does(Verb::Cross) && $frame->reaching !== []) {
                yield $this->rule()->at($frame);
            }
        }
    }
}
