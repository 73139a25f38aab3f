<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

/** How a school spells bearings; the value is the same. */
enum BearingStyle: string
{
    case Clock = 'clock';
    case Degrees = 'degrees';
    case Directions = 'directions';
}
