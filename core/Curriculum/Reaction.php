<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/**
 * How long a school reckons that reacting takes: for one thing that is sure to come, and more for each bit of choice
 * (Hyman 1953). Seconds.
 */
final readonly class Reaction
{
    public const BASE = 0.25;
    public const PER_BIT = 0.15;

    /** The most that a school may reckon with. */
    public const MAX_BASE = 2.0;
    public const MAX_PER_BIT = 1.0;

    public function __construct(public float $base = self::BASE, public float $perBit = self::PER_BIT) {}

    /**
     * Before the body begins to move.
     *
     * @param float $bits entropy of the draw actually used
     * @param ?Rung $rung null for one at which nothing is told
     */
    public function seconds(float $bits, ?Rung $rung): float
    {
        return ($rung !== null && $rung->momentTold ? 0.0 : $this->base)
            + $this->perBit * ($rung !== null && $rung->attackTold ? 0.0 : $bits);
    }
}
