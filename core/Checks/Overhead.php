<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** Reaching up. */
final readonly class Overhead implements Check
{
    /** Height of the eyes, as a share of the stature. */
    private const EYES = 0.936;

    public function rule(): Rule
    {
        return new Rule('overhead', Severity::Note, 'a target above the defender’s own eyes');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $eyes = max(0.0, (self::EYES - $frame->defender->posture->lowers()) * $trial->bodies->defender - $frame->defender->crouch);
            foreach ($frame->hits as $hit) {
                if ($hit->height !== null && $hit->height > $eyes + 1e-9) {
                    yield $this->rule()->at($frame, sprintf('The %s is %d cm above the defender’s own eyes.', $hit->target->value, max(1, (int) round(100 * ($hit->height - $eyes)))), 'Take a lower target, or bring him down first.', $hit->limb);
                }
            }
        }
    }
}
