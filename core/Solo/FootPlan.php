<?php

declare(strict_types=1);

namespace StoneDrill\Core\Solo;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Geometry\Point;

/**
 * Where the feet of somebody stand who faces 12 o'clock: shares of the stature from the place under the body, to the
 * right and ahead.
 */
final readonly class FootPlan
{
    /** Shares of the stature within which a foot is. */
    public const FARTHEST = 0.6;

    /** Degrees by which a foot is turned, at most. */
    public const TURNED = 120.0;

    /**
     * @param float    $leftTurned  degrees clockwise by which the left foot points off the facing
     * @param float    $rightTurned
     * @param int|null $weight      share of the weight on the left foot, in percent; null where it is not said
     */
    public function __construct(
        public Point $left,
        public Point $right,
        public float $leftTurned = 0.0,
        public float $rightTurned = 0.0,
        public ?int $weight = null,
    ) {}

    /** How far the feet are apart, as a share of the stature. */
    public function width(): float
    {
        return $this->left->distanceTo($this->right);
    }

    /**
     * Degrees between the line through both feet and the line across the facing: 0 beside each other, 90 one behind the
     * other.
     */
    public function angle(): float
    {
        $off = abs(Angle::turn(90.0, $this->left->bearingTo($this->right)));

        return $this->width() < 1e-9 ? 0.0 : min($off, 180 - $off);
    }

    /** The foot that is ahead; null where neither is. */
    public function lead(): ?BasicSide
    {
        return match (true) {
            abs($this->left->y - $this->right->y) < 1e-9 => null,
            $this->left->y > $this->right->y => BasicSide::Left,
            default => BasicSide::Right,
        };
    }

    public function mirror(): self
    {
        return new self(
            $this->right->mirror(),
            $this->left->mirror(),
            0.0 - $this->rightTurned,
            0.0 - $this->leftTurned,
            $this->weight === null ? null : 100 - $this->weight,
        );
    }
}
