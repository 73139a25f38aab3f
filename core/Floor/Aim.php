<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** Which way a weapon has to go. */
final readonly class Aim
{
    public bool $isFaced;

    public bool $isInArc;

    /**
     * @param float $missesFace degrees by which the target is not on the half of the attacker's body that is turned to
     *     the striker; 0 or below where it is
     * @param float $missesArc  degrees by which the weapon cannot be thrown that way; 0 or below where it can
     * @param float $off     degrees off the striker's facing, clockwise above 0
     * @param float $turn    degrees that the body turns with the strike, clockwise above 0
     * @param float $leaves  the facing that the strike leaves, in degrees clockwise from 12
     */
    public function __construct(
        public float $missesFace,
        public float $missesArc,
        public float $off,
        public float $turn,
        public float $leaves,
    ) {
        $this->isFaced = $missesFace <= 1e-9;
        $this->isInArc = $missesArc <= 1e-9;
    }
}
