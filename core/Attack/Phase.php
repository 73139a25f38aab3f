<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** How far the attack has come when the defender begins. */
enum Phase: string
{
    case Reaching = 'reaching';
    case Landed = 'landed';
    case Moving = 'moving';
    case FollowUp = 'follow-up';
}
