<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Floor\Angle;

/** Going back without looking. */
final readonly class BlindExit implements Check
{
    /** Metres. */
    private const FAR = 1.0;

    /** Degrees off straight backward. */
    private const BACK = 60.0;

    public function rule(): Rule
    {
        return new Rule('blind-exit', Severity::Note, 'moves more than 1 m within 60° of straight backward without looking');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $away = abs(Angle::turn($frame->facedAt + 180, $frame->from->bearingTo($frame->defender->axis)));
            if ($frame->moved() > self::FAR + 1e-9 && $away <= self::BACK + 1e-9 && ! $frame->does(Verb::Look) && ! $trial->run->before($frame)->does(Verb::Look)) {
                yield $this->rule()->at($frame, sprintf('Goes %.1f m backward without a look.', $frame->moved()), 'Add “look” to this beat or the one before.');
            }
        }
    }
}
