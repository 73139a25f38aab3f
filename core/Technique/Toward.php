<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/**
 * Which way an action goes: a strip to a side of the holding hand, a way behind the attacker round one of their sides.
 */
enum Toward: string
{
    case Thumb = 'thumb';
    case Fingers = 'fingers';
    case Left = 'left';
    case Right = 'right';

    /** A hand has its thumb on the same side in a mirror; left and right change places. */
    public function mirror(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            default => $this,
        };
    }

    /** Whether it is a side of the attacker, rather than of a hand. */
    public function isSide(): bool
    {
        return $this === self::Left || $this === self::Right;
    }
}
