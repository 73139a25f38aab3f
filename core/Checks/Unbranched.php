<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** No answer to what if not. */
final readonly class Unbranched implements Check
{
    public function rule(): Rule
    {
        return new Rule('unbranched', Severity::Note, 'an effect that does not come is not backed up');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->robust as $shortfall) {
            $frame = $shortfall->beat === null ? null : $trial->run->frame($shortfall->beat);
            if ($frame !== null && ! $shortfall->isBackedUp) {
                yield $this->rule()->at($frame, sprintf('If he is not %s, beat %s fails: %s', $frame->effect?->value, $shortfall->failsAt, lcfirst($shortfall->because)), 'Add “if not:” with what is done then.');
            }
        }
    }
}
