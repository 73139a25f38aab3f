<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Posture;

/** Stopping where he still reaches. */
final readonly class NoExit implements Check
{
    /** A step in, a fist and the lean, as a share of his stature. */
    private const LUNGE = 0.45 + 0.386 + 0.0745;

    public function rule(): Rule
    {
        return new Rule('no-exit', Severity::Warn, 'ends within one lunge, .9105 of his stature, of a standing attacker, under escape or counter');
    }

    public function find(Trial $trial): iterable
    {
        $end = $trial->run->end();
        if ($end->number === '0' || ! $trial->mustLeave() || $end->attacker->posture !== Posture::Standing) {
            return;
        }
        $lunge = self::LUNGE * $trial->bodies->attacker;
        if ($end->distance < $lunge - 1e-9) {
            yield $this->rule()->at($end, sprintf('Ends %.2f m from him, within his lunge of %.2f m.', $end->distance, $lunge), 'Leave: add a beat that does.');
        }
    }
}
