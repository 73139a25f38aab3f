<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** How many tries there is time for. A planning estimate. */
final readonly class RepCount
{
    /** Seconds from “go” to the attack where the moment is told. */
    public const CALLED = 3.0;

    /**
     * Tries that each of a pair defends in a block: pairs that have no place wait for one.
     *
     * @param float $wait  seconds from the call until the attack comes
     * @param float $takes seconds that the answer takes at the rung
     * @param float $between seconds between two tries
     */
    public static function each(
        int $minutes,
        int $places,
        int $pairs,
        float $wait,
        float $takes,
        float $between,
    ): int {
        return $pairs < 1
            ? 0
            : (int) floor((60 * $minutes * min($places, $pairs)) / $pairs / ($wait + $takes + $between) / 2);
    }
}
