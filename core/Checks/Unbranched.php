<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** No answer to what if not. */
final readonly class Unbranched implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::Unbranched, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->robust as $shortfall) {
            $frame = $shortfall->beat === null ? null : $trial->run->frame($shortfall->beat);
            if ($frame !== null && ! $shortfall->isBackedUp) {
                yield $this->rule()->at($frame, [
                    'effect' => $frame->events->effect->value ?? '',
                    'beat' => (string) $shortfall->failsAt,
                    'because' => $shortfall->because ?? '',
                ]);
            }
        }
    }
}
