<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Curriculum\Doctrine;
use StoneDrill\Core\Floor\Posture;

/** A foot that the attacker can take from the ground. */
final readonly class GroundGrab implements Check
{
    /** As a share of the attacker's stature. */
    private const REACH = 0.73;

    public function rule(): Rule
    {
        return new Rule(CheckId::GroundGrab, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $rule = new Rule(
            CheckId::GroundGrab,
            $trial->doctrine() === Doctrine::Escape ? Severity::Warn : Severity::Note,
        );
        foreach ($trial->run->frames as $frame) {
            $before = $trial->run->before($frame);
            $isLast = $frame === $trial->run->end();
            if (
                $frame->positions()->attacker->posture !== Posture::Lying
                || ($before->positions()->attacker->posture !== Posture::Lying && ! $isLast)
            ) {
                continue;
            }
            if ($frame->hasAttackerHeld()) {
                continue;
            }
            $foot = min(
                $frame->positions()->defender->feet->left->distanceTo($frame->positions()->attacker->feet->axis),
                $frame->positions()->defender->feet->right->distanceTo($frame->positions()->attacker->feet->axis),
            );
            $reach = self::REACH * $trial->bodies->attacker;
            if ($foot < $reach - 1e-9) {
                [$cm, $within] = Figures::apart(100 * $foot, 100 * $reach, 0);
                yield $rule->at($frame, ['cm' => $cm, 'reach' => $within]);

                return;
            }
        }
    }
}
