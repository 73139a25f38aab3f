<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Posture;

/** A foot that he can take from the ground. */
final readonly class GroundGrab implements Check
{
    /** As a share of his stature. */
    private const REACH = 0.73;

    public function rule(): Rule
    {
        return new Rule('ground-grab', Severity::Warn, 'a foot stays within .73 of his stature of a lying attacker’s hip');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            $before = $trial->run->before($frame);
            $isLast = $frame === $trial->run->end();
            if ($frame->attacker->posture !== Posture::Lying || ($before->attacker->posture !== Posture::Lying && ! $isLast)) {
                continue;
            }
            $foot = min($frame->defender->left->distanceTo($frame->attacker->axis), $frame->defender->right->distanceTo($frame->attacker->axis));
            $reach = self::REACH * $trial->bodies->attacker;
            if ($foot < $reach - 1e-9) {
                yield $this->rule()->at($frame, sprintf('A foot is %d cm from his hip, and he reaches %d cm from the ground.', (int) round(100 * $foot), (int) round(100 * $reach)), 'Step away from him at once.');
            }
        }
    }
}
