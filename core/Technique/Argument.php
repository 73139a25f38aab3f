<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

use StoneDrill\Core\Geometry\Joint;

/** What follows a verb. */
enum Argument
{
    case Nothing;
    case Bearing;
    case BearingIfAny;
    case TargetOrBearing;
    /** A side of the attacker, left or right. */
    case Side;
    /** One of the four that can be locked. */
    case Joint;
    /** A target if any, and on a wrist hold the side of the hand that it opens to. */
    case Strip;
    case Words;
    case Seconds;
}
