<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What of the defender a hold takes away. */
enum DefenderHold: string
{
    case WristOpposite = 'wrist-opposite';
    case WristSame = 'wrist-same';
    case Wrists = 'wrists';
    case ArmsPinned = 'arms-pinned';
    case ArmsBlocked = 'arms-blocked';

    /** Whether a wrist is held, so that where the holder's thumb lies matters. */
    public function isWrist(): bool
    {
        return match ($this) {
            self::WristOpposite, self::WristSame, self::Wrists => true,
            self::ArmsPinned, self::ArmsBlocked => false,
        };
    }
}
