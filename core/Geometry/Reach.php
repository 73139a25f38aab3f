<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

/** How far a chain of limbs reaches over the floor at a height. All lengths in metres; planning estimates. */
final class Reach
{
    /**
     * Metres from the joint to the target over the floor: √(L² − Δ²) + lean, Δ the difference in height.
     *
     * @param float $chain  length L of the chain
     * @param float $joint  height of its joint
     * @param float $low    the height down to which the joint counts as anywhere
     * @param float $target height of what is reached for
     * @param float $lean   what leaning adds
     *
     * @return ?float null when it does not reach that height at any distance
     */
    public static function at(float $chain, float $joint, float $low, float $target, float $lean): ?float
    {
        $rise = self::rise($joint, $low, $target);

        return $rise > $chain ? null : sqrt($chain ** 2 - $rise ** 2) + $lean;
    }

    /**
     * The same for an attacker, who bends to whatever height the attacker aims at: the difference counts as at most .8
     * L.
     */
    public static function bent(float $chain, float $joint, float $low, float $target, float $lean): float
    {
        return sqrt($chain ** 2 - min(self::rise($joint, $low, $target), 0.8 * $chain) ** 2) + $lean;
    }

    private static function rise(float $joint, float $low, float $target): float
    {
        return match (true) {
            $target > $joint => $target - $joint,
            $target < $low => $low - $target,
            default => 0.0,
        };
    }
}
