<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** Feet too near or too far apart. */
final readonly class Base implements Check
{
    /** Shares of the stature. */
    private const MIN = 0.1;
    private const MAX = 0.6;

    public function rule(): Rule
    {
        return new Rule(CheckId::Base, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if (! $frame->movement->feetMoved) {
                continue;
            }
            $share = $frame->positions()->defender->base() / $trial->bodies->defender;
            if ($share < self::MIN - 1e-9 || $share > self::MAX + 1e-9) {
                yield $this->rule()->at(
                    $frame,
                    ['cm' => (int) round(100 * $frame->positions()->defender->base())],
                    $share > self::MAX ? 'wide' : 'near',
                );
            }
        }
    }
}
