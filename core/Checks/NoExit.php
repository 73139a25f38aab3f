<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Curriculum\CheckId;
use StoneDrill\Core\Floor\Posture;

/** Stopping where the attacker still reaches. */
final readonly class NoExit implements Check
{
    /** A step in, a fist and the lean, as a share of the attacker's stature. */
    private const LUNGE = 0.45 + 0.386 + 0.0745;

    public function rule(): Rule
    {
        return new Rule(CheckId::NoExit, Severity::Warn);
    }

    public function find(Trial $trial): iterable
    {
        $end = $trial->run->end();
        if ($end->number === '0' || ! $trial->mustLeave() || $end->positions->attacker->posture !== Posture::Standing) {
            return;
        }
        $lunge = self::LUNGE * $trial->bodies->attacker;
        if ($end->positions->distance < $lunge - 1e-9) {
            yield $this->rule()->at($end, ['metres' => Figures::decimals($end->positions->distance, 2), 'lunge' => Figures::decimals($lunge, 2)]);
        }
    }
}
