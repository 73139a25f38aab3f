<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** What would be if the defender's axis were there after a beat. A planning estimate. */
final readonly class StepCell
{
    /**
     * @param bool   $isHit   whether the attack lands all the same
     * @param int    $threats free weapons of the attacker's that reach
     * @param ?float $worst   metres that the one reaches beyond what is needed that reaches farthest, below 0 short;
     *     null where none is turned that way
     * @param ?bool  $strikes whether the strike that was asked for gets to its target; null where none was
     */
    public function __construct(public bool $isHit, public int $threats, public ?float $worst, public ?bool $strikes) {}

    public function isFree(): bool
    {
        return ! $this->isHit && $this->threats === 0;
    }
}
