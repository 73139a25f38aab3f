<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Floor\Angle;

/** The back to a hand that reaches. */
final readonly class BackTurned implements Check
{
    /** Degrees off his bearing. */
    private const AWAY = 120.0;

    public function rule(): Rule
    {
        return new Rule('back-turned', Severity::Warn, 'from beat 2 on, faces more than 120° away from an attacker whose hand reaches');
    }

    public function find(Trial $trial): iterable
    {
        foreach ($trial->run->frames as $frame) {
            if ($frame->number === '1' || ! $frame->isReachedByHand()) {
                continue;
            }
            $away = abs(Angle::turn($frame->defender->facing, $frame->defender->axis->bearingTo($frame->attacker->axis)));
            if ($away > self::AWAY + 1e-9) {
                yield $this->rule()->at($frame, sprintf('Faces %d° away from him while his hand reaches.', (int) round($away)), 'Turn to him, or be out of reach first.');
            }
        }
    }
}
