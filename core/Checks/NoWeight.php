<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Technique\Verb;

/** Arms without the body. */
final readonly class NoWeight implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::NoWeight, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if (
                $frame->number !== '1'
                && $this->isWeightless($frame)
                && $this->isWeightless($trial->run->before($frame))
            ) {
                yield $this->rule()->at($frame);
            }
        }
    }

    private function isWeightless(Frame $frame): bool
    {
        return ! $frame->movement->feetMoved
            && ! $frame->movement->turned
            && ($frame->hits !== [] || $frame->does(Verb::Shove, Verb::Strip));
    }
}
