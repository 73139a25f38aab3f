<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Floor\Angle;

/** Staying in the line of a blow. */
final readonly class InTheLine implements Check
{
    /** Degrees off the line of the attack, either way. */
    private const NEAR = 20.0;

    public function rule(): Rule
    {
        return new Rule('in-the-line', Severity::Warn, 'against a blow the axis stays, or moves within 20° of its line, with no block, parry, cover or slip, and not out');
    }

    public function find(Trial $trial): iterable
    {
        $frame = $trial->run->mainLine[0] ?? null;
        $blow = $trial->attack->kind->blow();
        if ($frame === null || $blow === null || ! $blow->isStrikeOrKick() || $frame->delivery === null || $frame->delivery->what !== 'attack'
            || $frame->delivery->out > 0 || $frame->does(Verb::Block, Verb::Parry, Verb::Cover, Verb::Slip)) {
            return;
        }
        $line = $trial->facets->bearing->toDegrees();
        $off = $frame->moved() < 1e-6 ? 0.0 : abs(Angle::turn($line, $frame->from->bearingTo($frame->defender->axis)));
        if (min($off, 180 - $off) <= self::NEAR + 1e-9) {
            yield $this->rule()->at($frame, $frame->moved() < 1e-6 ? 'The axis stays in the line of the blow.' : sprintf('The axis moves along the line of the blow, %d° off it.', (int) round(min($off, 180 - $off))), 'Step off the line, toward 1:30 or 10:30 of it, or block, parry, cover or slip.');
        }
    }
}
