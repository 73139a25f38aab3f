<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What becomes of the arm or leg of a blow once it has come. */
enum Recoil: string
{
    case LeftOut = 'left-out';
    case PulledBack = 'pulled-back';
}
