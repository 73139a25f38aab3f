<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** Who else is there. */
enum Others: string
{
    case Alone = 'alone';
    case Second = 'second';
    case Ally = 'ally';
}
