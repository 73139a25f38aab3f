<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** The half of the body on which a target lies. */
enum Face
{
    case Front;
    case Rear;
    case Any;

    /**
     * Whether it can be hit from there.
     *
     * @param float $off degrees from the facing of who is hit to the striker, either way
     */
    public function isExposedTo(float $off): bool
    {
        return match ($this) {
            self::Front => abs($off) <= 100 + 1e-9,
            self::Rear => abs($off) >= 80 - 1e-9,
            self::Any => true,
        };
    }
}
