<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor\Elevation;

use StoneDrill\Core\Geometry\Point;

/** A place in the room: on the floor, and metres above it. */
final readonly class Node
{
    public function __construct(public float $x, public float $y, public float $height) {}

    public static function over(Point $at, float $height): self
    {
        return new self($at->x, $at->y, $height);
    }

    /** The same height so many metres off in a direction, in degrees clockwise from 12. */
    public function toward(float $degrees, float $metres): self
    {
        return new self(
            $this->x + $metres * sin(deg2rad($degrees)),
            $this->y + $metres * cos(deg2rad($degrees)),
            $this->height,
        );
    }

    public function at(float $height): self
    {
        return new self($this->x, $this->y, $height);
    }

    /** On the straight way to another place. */
    public function between(self $other, float $share): self
    {
        return new self(
            $this->x + $share * ($other->x - $this->x),
            $this->y + $share * ($other->y - $this->y),
            $this->height + $share * ($other->height - $this->height),
        );
    }

    public function distanceTo(self $other): float
    {
        return sqrt(($other->x - $this->x) ** 2 + ($other->y - $this->y) ** 2 + ($other->height - $this->height) ** 2);
    }

    public function floor(): Point
    {
        return new Point($this->x, $this->y);
    }
}
