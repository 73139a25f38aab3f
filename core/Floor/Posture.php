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

    /**
     * Shares of a stature: the highest of one who lies, and of one on all fours; where the head of one who is folded
     * is.
     */
    private const LIES = 0.12;
    private const LOW = 0.45;
    private const FOLDED = 0.62;

    /** Share of the stature by which every height sinks. */
    public function lowers(): float
    {
        return $this === self::Kneeling || $this === self::Seated ? 0.25 : 0.0;
    }

    /**
     * Metres above the floor of a share of the stature.
     *
     * @param float $crouch   metres by which everything is lowered
     * @param bool  $isOfHead whether it goes where the head goes
     * @param float $lowered  share of the stature by which one who sits astride is lower
     */
    public function height(
        float $share,
        float $stature,
        float $crouch = 0.0,
        bool $isOfHead = false,
        float $lowered = 0.0,
    ): float {
        return match (true) {
            $this === self::Lying => min($share, self::LIES) * $stature,
            $this === self::AllFours => min($share, self::LOW) * $stature,
            $this === self::Folded && $isOfHead => (self::FOLDED - $lowered) * $stature,
            default => max(0.0, ($share - $this->lowers() - $lowered) * $stature - $crouch),
        };
    }

    /** Whether the feet stay where they are. */
    public function fixesFeet(): bool
    {
        return $this === self::Kneeling || $this === self::Seated;
    }
}
