<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

use StoneDrill\Core\Answer\Limb;

/** What one of the defender's limbs can still do, and why. */
final readonly class LimbStatus
{
    /** @param string $reason a sentence without its full stop; empty for a free limb that nothing is to be said of */
    public function __construct(public Limb $limb, public LimbState $state, public string $reason = '') {}

    public function isFree(): bool
    {
        return $this->state === LimbState::Free;
    }
}
