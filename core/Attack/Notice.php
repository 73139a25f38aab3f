<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Whether the defender faces the attacker and expects him. */
enum Notice: string
{
    case Ready = 'ready';
    case OffGuard = 'off-guard';
}
