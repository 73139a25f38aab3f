<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** How the holding hand lies on a wrist: where its thumb points. */
enum Thumb: string
{
    case Up = 'up';
    case Down = 'down';
    case Inside = 'inside';
    case Outside = 'outside';
    case NotApplicable = 'n/a';
}
