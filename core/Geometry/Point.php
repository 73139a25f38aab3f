<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

/** A place on the floor in the room's frame: x metres toward 3 o'clock, y metres toward 12. */
final readonly class Point
{
    public function __construct(public float $x, public float $y) {}

    /** The place that lies so many metres off in this direction (degrees clockwise from 12). */
    public function toward(float $degrees, float $metres): self
    {
        return new self($this->x + $metres * sin(deg2rad($degrees)), $this->y + $metres * cos(deg2rad($degrees)));
    }

    public function distanceTo(self $other): float
    {
        return hypot($other->x - $this->x, $other->y - $this->y);
    }

    /** Degrees clockwise from 12 in which the other place lies, 0 to 360; 0 for the same place. */
    public function bearingTo(self $other): float
    {
        return Angle::of($other->x - $this->x, $other->y - $this->y);
    }

    public function mirror(): self
    {
        return new self(-$this->x, $this->y);
    }
}
