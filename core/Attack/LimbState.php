<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What a limb can still do. */
enum LimbState: string
{
    case Free = 'free';
    case Limited = 'limited';
    case Blocked = 'blocked';
}
