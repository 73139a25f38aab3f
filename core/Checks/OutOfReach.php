<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Frame;
use StoneDrill\Core\Floor\Measure;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Target;

/** A strike or a control that does not get there. */
final readonly class OutOfReach implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::OutOfReach, Severity::Stop);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->hits as $hit) {
                if (! $hit->reaches()) {
                    yield $this->short($trial, $frame, $hit->measure, $hit->limb, $hit->target, $hit->weapon());
                }
            }
            foreach ($frame->grasps as $grasp) {
                if (! $grasp->reaches() && ! $grasp->isGoneBack) {
                    yield $this->short($trial, $frame, $grasp->measure, $grasp->limb, $grasp->target, $grasp->weapon());
                }
            }
        }
    }

    private function short(
        Trial $trial,
        Frame $frame,
        Measure $measure,
        Limb $limb,
        Target $target,
        string $weapon,
    ): Finding {
        if ($measure->tooFarUp) {
            return $this->rule()->at(
                $frame,
                [
                    'limb' => $limb->value,
                    'target' => $target->value,
                    'cm' => (int) round(100 * (float) $measure->height),
                ],
                'height',
                $limb,
            );
        }
        $short = -(float) $measure->sum();

        return $this->rule()->measured(
            $frame,
            $short,
            $trial->tolerance(),
            [
                'weapon' => $weapon,
                'target' => $target->value,
                'cm' => Figures::beside($short, $trial->standards->school->asks->tolerance),
            ],
            'short',
            $limb,
        );
    }
}
