<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

/** Places and directions of the plain floor, as pairs of metres and in degrees. */
trait PlainVectors
{
    private static function way(float $degrees, float $metres): array
    {
        return [$metres * sin(deg2rad($degrees)), $metres * cos(deg2rad($degrees))];
    }

    private static function plus(array $a, array $b): array
    {
        return [$a[0] + $b[0], $a[1] + $b[1]];
    }

    private static function minus(array $a, array $b): array
    {
        return [$a[0] - $b[0], $a[1] - $b[1]];
    }

    private static function times(array $a, float $by): array
    {
        return [$a[0] * $by, $a[1] * $by];
    }

    private static function length(array $a): float
    {
        return sqrt($a[0] ** 2 + $a[1] ** 2);
    }

    private static function angle(array $a): float
    {
        return rad2deg(atan2($a[0], $a[1]));
    }

    /** The shortest turn, clockwise when it is half a round. */
    private static function turn(float $from, float $to): float
    {
        $turn = $to - $from;
        while ($turn > 180 + 1e-9) {
            $turn -= 360;
        }
        while ($turn <= -180 + 1e-9) {
            $turn += 360;
        }

        return $turn;
    }
}
