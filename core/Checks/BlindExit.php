<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Verb;

/** Going back without looking. */
final readonly class BlindExit implements Check
{
    /** Metres. */
    private const FAR = 1.0;

    /** Degrees off straight backward. */
    private const BACK = 60.0;

    public function rule(): Rule
    {
        return new Rule(CheckId::BlindExit, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $away = abs(
                Angle::turn(
                    $frame->movement->facedAt + 180,
                    $frame->movement->from->bearingTo($frame->positions()->defender->feet->axis),
                ),
            );
            if (
                $frame->moved() > self::FAR + 1e-9
                && $away <= self::BACK + 1e-9
                && ! $frame->does(Verb::Look)
                && ! $trial->run->before($frame)->does(Verb::Look)
            ) {
                yield $this->rule()->at($frame, ['metres' => Figures::decimals($frame->moved(), 1)]);
            }
        }
    }
}
