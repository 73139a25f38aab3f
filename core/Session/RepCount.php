<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** How many tries there is time for. A planning estimate. */
final readonly class RepCount
{
    /**
     * Tries that each of a pair defends in a block: pairs that have no place wait for one.
     *
     * @param float $try seconds from one try to the next
     */
    public static function each(int $minutes, int $places, int $pairs, float $try): int
    {
        return $pairs < 1 ? 0 : (int) floor((60 * $minutes * min($places, $pairs)) / $pairs / $try / 2);
    }
}
