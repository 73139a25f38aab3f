<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Verb;

/** Staying in the line of a blow. */
final readonly class InTheLine implements Check
{
    /** Degrees off the line of the attack, either way. */
    private const NEAR = 20.0;

    public function rule(): Rule
    {
        return new Rule(CheckId::InTheLine, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $frame = $trial->run->mainLine[0] ?? null;
        $blow = $trial->attack->kind->blow();
        if (
            $frame === null
            || $blow === null
            || ! $blow->isStrikeOrKick()
            || $frame->events->delivery === null
            || $frame->events->delivery->isFollowUp
            || $frame->events->delivery->out > 0
            || $frame->strikesHome()
            || $frame->does(Verb::Block, Verb::Parry, Verb::Cover, Verb::Slip)
        ) {
            return;
        }
        $line = $trial->facets->bearing->toDegrees();
        $off = $frame->moved() < 1e-6
            ? 0.0
            : abs(Angle::turn($line, $frame->movement->from->bearingTo($frame->positions()->defender->feet->axis)));
        if (min($off, 180 - $off) <= self::NEAR + 1e-9) {
            yield $this->rule()->at(
                $frame,
                ['degrees' => (int) round(min($off, 180 - $off))],
                $frame->moved() < 1e-6 ? 'stays' : 'moves',
            );
        }
    }
}
