<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What the attacker wants; the force that answers it is measured against this. */
enum Intent: string
{
    case Move = 'move';
    case Pin = 'pin';
    case Choke = 'choke';
    case Strike = 'strike';
    case TakeDown = 'take-down';

    /** The highest level of hazard that answers it in proportion; a threat allows 1. */
    public function allows(): int
    {
        return match ($this) {
            self::Move, self::Pin => 2,
            self::Strike, self::Choke, self::TakeDown => 3,
        };
    }
}
