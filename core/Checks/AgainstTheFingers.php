<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Toward;
use StoneDrill\Core\Answer\Verb;

/** A strip against four fingers. */
final readonly class AgainstTheFingers implements Check
{
    public function rule(): Rule
    {
        return new Rule('against-the-fingers', Severity::Warn, 'strips toward the fingers');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->deeds as $deed) {
                if ($deed->action->is(Verb::Strip) && $deed->action->toward === Toward::Fingers) {
                    yield $this->rule()->at($frame, 'Strips against four fingers; the hold does not end.', 'Strip toward the thumb.', $deed->limb);
                }
            }
        }
    }
}
