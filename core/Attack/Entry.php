<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** How the attacker closes the distance of a delivered attack. */
enum Entry: string
{
    case Stand = 'stand';
    case Step = 'step';
    case Through = 'through';
}
