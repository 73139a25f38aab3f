<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Point;

/** How the defender moved in a beat. */
final readonly class Movement
{
    /**
     * @param Point $from      where the defender's axis was before
     * @param float $facedAt   the way the defender faced before its feet, pivots left in; degrees clockwise from 12
     * @param bool  $carried   whether a hold that moves carried both
     * @param bool  $feetMoved whether a foot moved
     * @param bool  $turned    whether the defender pivoted or turned under
     * @param bool  $barredBehind whether an arm of the attacker's was in the way round them
     * @param list<Stride> $strides the movements for which no length is written
     */
    public function __construct(
        public Point $from,
        public float $facedAt,
        public bool $carried,
        public bool $feetMoved,
        public bool $turned,
        public array $strides = [],
        public bool $barredBehind = false,
    ) {}
}
