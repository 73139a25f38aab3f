<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Point;

/** Where and how one body stands. */
final readonly class Stance
{
    /**
     * @param Point   $head    seen from above
     * @param float   $facing  degrees clockwise from 12
     * @param float   $crouch  metres by which every joint is lowered
     * @param float   $stature metres
     * @param bool    $isSetUpon whether somebody sits astride, or this body sits astride another
     */
    public function __construct(
        public Feet $feet,
        public Point $head,
        public float $facing,
        public Posture $posture,
        public float $crouch,
        public float $stature,
        public bool $isSetUpon = false,
    ) {}

    /** Metres between the feet. */
    public function base(): float
    {
        return $this->feet->left->distanceTo($this->feet->right);
    }
}
