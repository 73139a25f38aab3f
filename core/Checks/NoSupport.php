<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Answer\Limb;
use StoneDrill\Core\Answer\Strike;
use StoneDrill\Core\Answer\Verb;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Posture;

/** A leg that strikes while nothing carries the body. */
final readonly class NoSupport implements Check
{
    public function rule(): Rule
    {
        return new Rule('no-support', Severity::Stop, 'a kick or knee while the other foot moves, or with no foot down; hop and jumping excepted');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->defender->posture === Posture::Lying || $frame->does(Verb::Hop)) {
                continue;
            }
            $lifted = [];
            foreach ($frame->deeds as $deed) {
                if (! $deed->action->deed instanceof Strike || ! $deed->action->deed->liftsFoot() || $deed->action->jumping || $deed->limb === null) {
                    continue;
                }
                $side = $deed->limb->isLeft() ? 'left' : 'right';
                $lifted[$side] = true;
                if ($this->movesOther($frame, $deed->limb)) {
                    yield $this->rule()->at($frame, sprintf('The %s strikes while the other foot moves.', $deed->limb->value), 'Set the foot in the beat before.', $deed->limb);
                } elseif (count($lifted) === 2) {
                    yield $this->rule()->at($frame, 'Both legs strike in one beat, and no foot is down.', 'Give the second to the next beat.', $deed->limb);
                }
            }
        }
    }

    private function movesOther(Frame $frame, Limb $leg): bool
    {
        foreach ($frame->deeds as $deed) {
            $verb = $deed->action->deed;
            if ($verb instanceof Verb && $verb->movesFeet() && ($verb->movesBothFeet() || ($deed->limb !== null && $deed->limb->isLeft() !== $leg->isLeft()))) {
                return true;
            }
        }

        return false;
    }
}
