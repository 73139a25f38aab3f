<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Room;
use StoneDrill\Core\Technique\Verb;

/** Farther than there is room. */
final readonly class NoRoom implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::NoRoom, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $room = new Room($trial->facets->place, $trial->facets->posture);
        foreach ($trial->run->frames as $frame) {
            $excess = $room->excess(
                $trial->run->start->positions()->defender->feet->axis,
                $frame->positions()->defender->feet->axis,
            );
            if ($excess > 1e-9 && $frame->moved() > 1e-9) {
                yield $this->rule()->measured(
                    $frame,
                    $excess,
                    $trial->tolerance(),
                    ['cm' => max(1, (int) round($excess * 100)), 'room' => $room->texts()],
                    'farther',
                );
            }
            if ($frame->movement->barredBehind) {
                yield (new Rule(CheckId::NoRoom, Severity::Stop))->at($frame, case: 'behind');
            }
            if (! $room->allowsHop() && $frame->does(Verb::Hop)) {
                yield $this->rule()->at($frame, case: 'hop');
            }
        }
    }
}
