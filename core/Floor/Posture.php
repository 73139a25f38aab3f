<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** How a body is held, which moves its targets and joints. A newer one replaces the older. */
enum Posture: string
{
    case Standing = 'standing';
    case Folded = 'folded';
    case Kneeling = 'kneeling';
    case Seated = 'seated';
    case Lying = 'lying';
    case AllFours = 'all fours';

    /** Share of the stature by which every height sinks. */
    public function lowers(): float
    {
        return $this === self::Kneeling || $this === self::Seated ? 0.25 : 0.0;
    }

    /** Whether the feet stay where they are. */
    public function fixesFeet(): bool
    {
        return $this === self::Kneeling || $this === self::Seated;
    }
}
