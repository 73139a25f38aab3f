<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** Feet too near or too far apart. */
final readonly class Base implements Check
{
    /** Shares of the stature. */
    private const LEAST = 0.10;
    private const MOST = 0.60;

    public function rule(): Rule
    {
        return new Rule('base', Severity::Warn, 'the feet are less than .10 or more than .60 of the stature apart');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if (! $frame->feetMoved) {
                continue;
            }
            $share = $frame->defender->base() / $trial->bodies->defender;
            if ($share < self::LEAST - 1e-9 || $share > self::MOST + 1e-9) {
                yield $this->rule()->at($frame, sprintf('The feet are %d cm apart, %s to stand firm.', (int) round(100 * $frame->defender->base()), $share > self::MOST ? 'too wide' : 'too near'), $share > self::MOST ? 'Bring the other foot after, or shorten the step.' : 'Spread, or step wider.');
            }
        }
    }
}
