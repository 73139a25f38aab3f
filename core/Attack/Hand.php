<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Which hand of the attacker does it; of two-handed holds with a left and a right form, the upper or outer one. */
enum Hand: string
{
    case Left = 'left';
    case Right = 'right';
    case Both = 'both';
    case None = 'none';

    /** Whether it is one hand alone. */
    public function isOne(): bool
    {
        return $this === self::Left || $this === self::Right;
    }

    public function mirror(): self
    {
        return match ($this) {
            self::Left => self::Right,
            self::Right => self::Left,
            default => $this,
        };
    }
}
