<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** The ways in which an attack is delivered over a distance, with what each aims at and reaches with. */
enum Blow
{
    case Straight;
    case Swing;
    case Slap;
    case Rising;
    case Low;
    case Behind;
    case FrontKick;
    case RoundKick;
    case Push;
    case Dive;

    /** Height of the aim, as a share of the defender's stature. */
    public function aim(): float
    {
        return match ($this) {
            self::Straight, self::Swing, self::Slap, self::Behind => 0.93,
            self::Rising => 0.87,
            self::Low => 0.62,
            self::FrontKick => 0.48,
            self::RoundKick => 0.38,
            self::Push => 0.8,
            self::Dive => 0.4,
        };
    }

    /** Length of the chain it reaches with, as a share of the attacker's stature: fist, palm, foot or shin. */
    public function chain(): float
    {
        return match ($this) {
            self::Push, self::Slap => 0.352,
            self::FrontKick => 0.53,
            self::RoundKick => 0.43,
            default => 0.386,
        };
    }

    public function isByLeg(): bool
    {
        return $this === self::FrontKick || $this === self::RoundKick;
    }

    /** Whether it comes round, so that leaving its line does not save, but being inside it does. */
    public function isRound(): bool
    {
        return in_array($this, [self::Swing, self::Slap, self::RoundKick], true);
    }

    /** Whether it is meant for the head, which can be taken under it. */
    public function isHigh(): bool
    {
        return $this->aim() >= 0.85;
    }

    /** Whether it is a strike or a kick, no push and no dive. */
    public function isStrikeOrKick(): bool
    {
        return $this !== self::Push && $this !== self::Dive;
    }

    /** Seconds from its first sign to its arrival, at full pace and with a step in. */
    public function arrival(): float
    {
        return match ($this) {
            self::Straight, self::Slap, self::Rising, self::Low => 0.45,
            self::Swing, self::FrontKick, self::RoundKick => 0.6,
            self::Behind => 0.7,
            self::Push => 0.5,
            self::Dive => 0.8,
        };
    }
}
