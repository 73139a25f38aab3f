<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** The half of the body on which a target lies. */
enum Face
{
    case Front;
    case Rear;
    /** The rear with the sides. */
    case Flank;
    case Any;

    /**
     * Whether it can be hit from there.
     *
     * @param float $off degrees from the facing of who is hit to the striker, either way
     */
    public function isExposedTo(float $off): bool
    {
        return $this->missedBy($off) <= 1e-9;
    }

    /** Degrees by which it cannot be hit from there; 0 or below where it can. */
    public function missedBy(float $off): float
    {
        return match ($this) {
            self::Front => abs($off) - 100,
            self::Rear => 80 - abs($off),
            self::Flank => 60 - abs($off),
            self::Any => 0.0,
        };
    }
}
