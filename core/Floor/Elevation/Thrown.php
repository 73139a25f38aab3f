<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor\Elevation;

use StoneDrill\Core\Floor\Hit;

/** A strike as it is seen from the side: from its joint to the target, and how far along it gets. */
final readonly class Thrown
{
    /**
     * @param Node  $tip   where what strikes ends: at the target where it reaches
     * @param float $chain metres that the limb is long
     */
    public function __construct(
        public Hit $hit,
        public Node $joint,
        public Node $tip,
        public Node $target,
        public float $chain,
    ) {}

    /** Metres that the target is above the end of what strikes; below 0 under it. */
    public function rise(): float
    {
        return $this->target->height - $this->tip->height;
    }

    /** Metres between the end of what strikes and the target. */
    public function missing(): float
    {
        return $this->tip->distanceTo($this->target);
    }
}
