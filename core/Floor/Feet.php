<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Point;

/** Where the feet of a body are, and its axis between them. */
final readonly class Feet
{
    public function __construct(public Point $axis, public Point $left, public Point $right) {}
}
