<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Floor\Room;

/** Farther than there is room. */
final readonly class NoRoom implements Check
{
    public function rule(): Rule
    {
        return new Rule('no-room', Severity::Warn, 'leaves the metres that the place and the posture leave free');
    }

    public function find(Trial $trial): iterable
    {
        $room = new Room($trial->facets->place, $trial->facets->posture);
        foreach ($trial->run->frames as $frame) {
            $excess = $room->excess($trial->run->start->defender->axis, $frame->defender->axis);
            if ($excess > 1e-9 && $frame->moved() > 1e-9) {
                yield $this->rule()->at($frame, sprintf('Goes %d cm farther than there is room (%s).', max(1, (int) round($excess * 100)), $room->words()), 'Take another way, or shorter steps.');
            }
            if (! $room->allowsHop() && $frame->does(Verb::Hop)) {
                yield $this->rule()->at($frame, 'Hops on stairs.', 'Step instead.');
            }
        }
    }
}
