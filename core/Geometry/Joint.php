<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

/** What a weapon hangs from. Shares of the stature (Drillis & Contini 1966, as tabled in Winter). */
enum Joint
{
    case Shoulder;
    case Hip;
    case Neck;

    public function height(): float
    {
        return match ($this) {
            self::Shoulder => 0.818,
            self::Hip => 0.53,
            self::Neck => 0.83,
        };
    }

    /** How far to its side of the body's axis it lies. */
    public function lateral(): float
    {
        return match ($this) {
            self::Shoulder => 0.129,
            self::Hip => 0.0955,
            self::Neck => 0.0,
        };
    }
}
