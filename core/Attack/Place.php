<?php

declare(strict_types=1);

namespace StoneDrill\Core\Attack;

/** What the surroundings allow. */
enum Place: string
{
    case Open = 'open';
    case Narrow = 'narrow';
    case Obstacles = 'obstacles';
    case Stairs = 'stairs';
    case Crowd = 'crowd';
}
