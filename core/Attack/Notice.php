<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Whether the defender faces the attacker and expects the attacker. */
enum Notice: string
{
    case Ready = 'ready';
    case OffGuard = 'off-guard';
}
