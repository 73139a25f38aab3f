<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;

/** One strike of the defender's, from where both stand. Planning estimates. */
final readonly class Hit
{
    /**
     * @param ?float $margin   metres to spare, below 0 short; null for a target without a height of its own, and where
     *                         no distance would do
     * @param bool   $tooFarUp whether the target cannot be reached at any distance, for its height
     * @param float  $reach    metres the weapon reaches at that height; 0 where it does not
     * @param float  $gap      metres from the joint to the surface of the attacker's body
     * @param ?float $height   metres of the target above the floor
     * @param bool   $isFaced  whether the target is on the half of the attacker's body that is turned to the striker
     * @param bool   $isInArc  whether the weapon can be thrown that way
     * @param float  $off      degrees off the striker's facing, clockwise above 0
     */
    public function __construct(
        public Limb $limb,
        public Strike $strike,
        public Target $target,
        public ?float $margin,
        public bool $tooFarUp,
        public float $reach,
        public float $gap,
        public ?float $height,
        public bool $isFaced,
        public bool $isInArc,
        public float $off,
    ) {}

    /** Whether it gets to where it is meant; one without a margin always does. */
    public function reaches(): bool
    {
        return ! $this->tooFarUp && ($this->margin === null || $this->margin >= 0);
    }

    /** What strikes, such as `left hand punch` or `right elbow`. */
    public function weapon(): string
    {
        return $this->strike->isItsOwnLimb() ? $this->limb->value : $this->limb->value.' '.$this->strike->value;
    }

    /** The margin in whole centimetres. */
    public function centimetres(): ?int
    {
        return $this->margin === null ? null : (int) round($this->margin * 100);
    }
}
