<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;

/** A free weapon of the attacker's against where the defender stands. A planning estimate. */
final readonly class Threat
{
    /**
     * @param Hand  $side   left or right
     * @param float $margin metres it reaches beyond what is needed; below 0 it does not reach
     * @param float $reach  metres from its joint within which the defender's axis is reached
     */
    public function __construct(public Hand $side, public bool $isHand, public float $margin, public float $reach) {}

    public function reaches(): bool
    {
        return $this->margin >= 0;
    }

    public function name(): string
    {
        return $this->side->value.($this->isHand ? ' hand' : ' foot');
    }

    public function centimetres(): int
    {
        return (int) round($this->margin * 100);
    }
}
