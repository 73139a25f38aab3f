<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Floor\Frame;

/** Arms without the body. */
final readonly class NoWeight implements Check
{
    public function rule(): Rule
    {
        return new Rule('no-weight', Severity::Note, 'a strike, shove or strip in a beat in which no foot moves and nothing pivots, two beats running');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->number !== '1' && $this->isWeightless($frame) && $this->isWeightless($trial->run->before($frame))) {
                yield $this->rule()->at($frame, 'The second beat running in which the arms work and the feet do not.', 'Put a step or a pivot under it.');
            }
        }
    }

    private function isWeightless(Frame $frame): bool
    {
        return ! $frame->feetMoved && ! $frame->turned && ($frame->hits !== [] || $frame->does(Verb::Shove, Verb::Strip));
    }
}
