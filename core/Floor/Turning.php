<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Angle;
use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;

/** How far the body turns for a strike, which is part of it. In degrees. */
final readonly class Turning
{
    /** The farthest that a body turns so that the target comes into the arc of a weapon. */
    private const MOST = 90.0;

    /**
     * Where the target is for a side or hook kick and for a back kick, off the facing, on the kicking side; and
     * afterwards.
     */
    private const BESIDE = 90.0;
    private const LEFT_BESIDE = 60.0;
    private const BEHIND = 180.0;
    private const LEFT_BEHIND = 150.0;

    /**
     * @param float $by     how far, clockwise above 0
     * @param float $facing at the strike
     * @param float $leaves the facing that it leaves
     */
    private function __construct(public float $by, public float $facing, public float $leaves) {}

    public static function none(Scene $scene): self
    {
        return new self(0.0, $scene->facing, $scene->facing);
    }

    public static function of(Scene $scene, Limb $limb, Strike $strike, Target $target): self
    {
        $off = Angle::turn($scene->facing, $scene->bearingToAttacker());
        if ($strike->reachesRound($off, $limb->isLeft()) || ! $scene->canTurn() || $scene->isHeldAt($target)) {
            return self::none($scene);
        }
        $side = $limb->isLeft() ? -1.0 : 1.0;
        // Straight behind it turns toward the striking side.
        $off = abs($off) > 180 - 1e-9 ? $side * 180 : $off;

        return match ($strike) {
            Strike::SideKick, Strike::HookKick => self::until(
                $scene,
                $off,
                $side * self::BESIDE,
                $side * self::LEFT_BESIDE,
                $side,
            ),
            Strike::BackKick => self::until($scene, $off, $side * self::BEHIND, $side * self::LEFT_BEHIND, $side),
            default => self::into($scene, $off),
        };
    }

    /** Until the target is so far off the facing; and left so. */
    private static function until(Scene $scene, float $off, float $wanted, float $left, float $side): self
    {
        $by = Angle::turn($wanted, $off);
        $by = abs($by) > 180 - 1e-9 ? $side * 180 : $by;
        $bearing = $scene->bearingToAttacker();

        return new self($by, Angle::round($bearing - $wanted), Angle::round($bearing - $left));
    }

    /** Until the target is in the arc of what strikes forward. */
    private static function into(Scene $scene, float $off): self
    {
        $by = ($off < 0 ? -1 : 1) * min(self::MOST, abs($off) - Strike::ARC);
        $facing = Angle::round($scene->facing + $by);

        return new self($by, $facing, $facing);
    }
}
