<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** Where the defender stands off the attacker's facing. */
enum Sector: string
{
    case Front = 'front';
    case Flank = 'flank';
    case Behind = 'behind';

    /** @param float $off degrees off the attacker's facing, either way */
    public static function of(float $off): self
    {
        return match (true) {
            abs($off) <= 45 + 1e-9 => self::Front,
            abs($off) <= 135 + 1e-9 => self::Flank,
            default => self::Behind,
        };
    }
}
