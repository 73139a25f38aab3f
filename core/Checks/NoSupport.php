<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Posture;
use StoneDrill\Core\Technique\Action;
use StoneDrill\Core\Technique\Beat;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Verb;

/** A leg that strikes while nothing carries the body. */
final readonly class NoSupport implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::NoSupport, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->positions()->defender->posture === Posture::Lying || $frame->does(Verb::Hop)) {
                continue;
            }
            $lifted = [];
            foreach ($frame->events->performed as $done) {
                if ($done->limb === null || ! self::lifts($done->action)) {
                    continue;
                }
                $side = $done->limb->isLeft() ? 'left' : 'right';
                $lifted[$side] = true;
                if ($frame->positions()->defender->posture === Posture::AllFours) {
                    yield $this->rule()->at($frame, ['limb' => $done->limb->value], 'all-fours', $done->limb);
                } elseif ($this->movesOther($frame, $done->action, $done->limb)) {
                    yield $this->rule()->at($frame, ['limb' => $done->limb->value], 'moves', $done->limb);
                } elseif (count($lifted) === 2) {
                    yield $this->rule()->at($frame, case: 'none', limb: $done->limb);
                }
            }
        }
    }

    /** Whether it takes a foot off the floor: a strike of a leg, or a leg that blocks. */
    private static function lifts(Action $action): bool
    {
        return $action->verb instanceof Strike
            ? $action->verb->liftsFoot() && ! $action->manner->jumping
            : $action->is(Verb::Block) && $action->limb !== null && ! $action->limb->isHand();
    }

    /** Whether the other foot moves, but for a step that is written before a kick or knee and brings it there. */
    private function movesOther(Frame $frame, Action $kick, Limb $leg): bool
    {
        $step = Beat::stepBefore($frame->beat->actions ?? [], $kick);
        foreach ($frame->events->performed as $done) {
            $verb = $done->action->verb;
            if (
                $done->action !== $step
                && $verb instanceof Verb
                && $verb->movesFeet()
                && ($verb->movesBothFeet() || ($done->limb !== null && $done->limb->isLeft() !== $leg->isLeft()))
            ) {
                return true;
            }
        }

        return false;
    }
}
