<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** Where on the attacker something is aimed at. Metres, as in {@see \StoneDrill\Core\Geometry\Point}. */
final readonly class Spot
{
    /**
     * @param float $height  above the floor
     * @param float $surface how far before it the body's surface lies: 0 for the points of a limb
     */
    public function __construct(public float $x, public float $y, public float $height, public float $surface) {}
}
