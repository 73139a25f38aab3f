<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Where the attacker begins, which also tells holds, deliveries and the rest apart. */
enum Start: string
{
    case Grab = 'grab';
    case Hug = 'hug';
    case Delivered = 'delivered';
    case Ground = 'ground';
    case Astride = 'astride';
    case Threat = 'threat';

    /** Whether the attack is a hold that can still be reaching, has landed, or is already moving the defender. */
    public function isHold(): bool
    {
        return $this === self::Grab || $this === self::Hug;
    }

    public function isOnTheGround(): bool
    {
        return $this === self::Ground || $this === self::Astride;
    }
}
