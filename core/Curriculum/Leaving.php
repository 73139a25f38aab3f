<?php

declare(strict_types=1);

namespace StoneDrill\Core\Curriculum;

/** Whether a school asks its answers to end out of the attacker's reach. */
enum Leaving: string
{
    case Always = 'always';

    /** Not while the attacker is folded, kneels or lies when the answer ends. */
    case UnlessDown = 'unless-down';

    /** It is told, and asked of nobody. */
    case Free = 'free';
}
