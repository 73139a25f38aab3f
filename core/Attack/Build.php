<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** The attacker against the defender, in built-in sizes. */
enum Build: string
{
    case Smaller = 'smaller';
    case Alike = 'alike';
    case Larger = 'larger';
}
