<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;

/** Reaching up. */
final readonly class Overhead implements Check
{
    /** Height of the eyes, as a share of the stature. */
    private const EYES = 0.936;

    public function rule(): Rule
    {
        return new Rule(CheckId::Overhead, Severity::Note);
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $eyes = max(
                0.0,
                (self::EYES - $frame->positions()->defender->posture->lowers()) * $trial->bodies->defender
                    - $frame->positions()->defender->crouch,
            );
            foreach ($frame->hits as $hit) {
                if ($hit->measure->height !== null && $hit->measure->height > $eyes + 1e-9) {
                    yield $this->rule()->at(
                        $frame,
                        [
                            'target' => $hit->target->value,
                            'cm' => max(1, (int) round(100 * ($hit->measure->height - $eyes))),
                        ],
                        limb: $hit->limb,
                    );
                }
            }
        }
    }
}
