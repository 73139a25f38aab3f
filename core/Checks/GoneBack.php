<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** A control on the limb of a blow that has been pulled back since. */
final readonly class GoneBack implements Check
{
    public function rule(): Rule
    {
        return new Rule(CheckId::GoneBack, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            foreach ($frame->grasps as $grasp) {
                if ($grasp->isGoneBack) {
                    yield $this->rule()->at(
                        $frame,
                        [
                            'weapon' => $grasp->weapon(),
                            'target' => $grasp->target->value,
                            'cm' => Figures::missing(-($grasp->measure->sum() ?? 0.0)),
                        ],
                        limb: $grasp->limb,
                    );
                }
            }
        }
    }
}
