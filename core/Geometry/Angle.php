<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

/** Arithmetic of directions, in degrees clockwise from 12. */
final class Angle
{
    /** The direction of a vector, 0 to 360; 0 where it has no length. */
    public static function of(float $x, float $y): float
    {
        $degrees = rad2deg(atan2($x, $y));

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    /** The shortest turn from one direction to another: above -180, at most 180, clockwise above 0. */
    public static function turn(float $from, float $to): float
    {
        $turn = fmod($to - $from, 360);

        return match (true) {
            $turn > 180 + 1e-9 => $turn - 360,
            $turn <= -180 + 1e-9 => $turn + 360,
            default => $turn,
        };
    }

    /** The direction brought into 0 to 360. */
    public static function round(float $degrees): float
    {
        $degrees = fmod($degrees, 360);

        return $degrees < 0 ? $degrees + 360 : $degrees;
    }

    /** The direction a turn leads to that goes toward another one and no farther than so many degrees. */
    public static function turned(float $from, float $to, float $most): float
    {
        $turn = self::turn($from, $to);

        return self::round(abs($turn) <= $most ? $to : $from + ($turn > 0 ? $most : -$most));
    }
}
