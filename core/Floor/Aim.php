<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** Which way a weapon has to go. */
final readonly class Aim
{
    /**
     * @param bool  $isFaced whether the target is on the half of the attacker's body that is turned to the striker
     * @param bool  $isInArc whether the weapon can be thrown that way
     * @param float $off     degrees off the striker's facing, clockwise above 0
     * @param float $turn    degrees that the body turns with the strike, clockwise above 0
     * @param float $leaves  the facing that the strike leaves, in degrees clockwise from 12
     */
    public function __construct(public bool $isFaced, public bool $isInArc, public float $off, public float $turn, public float $leaves) {}
}
