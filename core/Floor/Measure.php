<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** How far a weapon reaches, and how far it has to. In metres. */
final readonly class Measure
{
    /**
     * @param ?float $margin   to spare, below 0 short; null for a target without a height of its own, and where no
     *                         distance would do
     * @param bool   $tooFarUp whether the target cannot be reached at any distance, for its height
     * @param float  $reach    what the weapon reaches at that height; 0 where it does not
     * @param float  $gap      from the joint to the surface of the attacker's body
     * @param ?float $height   of the target above the floor
     * @param float  $drive    how far the body is carried along for what is missing
     * @param float  $way      in which direction, in degrees clockwise from 12
     */
    public function __construct(
        public ?float $margin,
        public bool $tooFarUp,
        public float $reach,
        public float $gap,
        public ?float $height,
        public float $drive = 0.0,
        public float $way = 0.0,
    ) {}

    /** Whether it gets there, with the body carried along; what has no margin always does. */
    public function reaches(): bool
    {
        return ! $this->tooFarUp && ($this->margin === null || $this->sum() >= -1e-9);
    }

    /** Whether it has more to spare than another one; none has less than what is out of reach for its height. */
    public function isBetterThan(self $other): bool
    {
        return ($this->margin ?? -INF) > ($other->margin ?? -INF) + 1e-9;
    }

    /** The margin in whole centimetres. */
    public function centimetres(): ?int
    {
        return $this->margin === null ? null : (int) round($this->margin * 100);
    }

    /** To spare with the body carried along, below 0 still short; null where there is no margin. */
    public function sum(): ?float
    {
        return $this->margin === null ? null : $this->margin + $this->drive;
    }
}
