<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Threat;
use StoneDrill\Core\Technique\Verb;

/** A hand that is left to hit. */
final readonly class LooseHand implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::LooseHand, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->number === '1') {
                continue;
            }
            $before = $trial->run->before($frame);
            if ($this->guards($frame) || $this->guards($before)) {
                continue;
            }
            foreach ($frame->reaching as $threat) {
                if (
                    $threat->isHand
                    && $this->reached($before, $threat)
                    && ! $this->reachedBeforeThat($trial, $before, $threat)
                ) {
                    yield $this->rule()->at($frame, ['limb' => $threat->name(), 'cm' => $threat->centimetres()]);
                }
            }
        }
    }

    /**
     * Whether the attacker has something else to do in a beat: a guard to get through, a blow to take, an effect, a
     * hold that ends.
     */
    private function guards(Frame $frame): bool
    {
        return $frame->does(Verb::Block, Verb::Parry, Verb::Cover, Verb::Guard)
            || $frame->strikesHome()
            || $frame->events->effect !== null
            || ($frame->events->heldBefore && ! $frame->isHeld);
    }

    private function reached(Frame $frame, Threat $threat): bool
    {
        foreach ($frame->reaching as $other) {
            if ($other->isHand && $other->side === $threat->side && $frame->number !== '0') {
                return true;
            }
        }

        return false;
    }

    /** Whether it was told of already at the beat before, of which this one is only the continuation. */
    private function reachedBeforeThat(Trial $trial, Frame $before, Threat $threat): bool
    {
        $earlier = $trial->run->before($before);

        return $earlier->number !== $before->number && ! $this->guards($earlier) && $this->reached($earlier, $threat);
    }
}
