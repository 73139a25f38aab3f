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
}
