<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/** Which of some things are worth most together within what there is room for. Exact, by dynamic programming. */
final readonly class Knapsack
{
    /**
     * @param array<array-key, array{int, float}> $things room that each takes, and what it is worth
     *
     * @return list<array-key> keys of those that are taken, in their order
     */
    public static function choose(array $things, int $room): array
    {
        $best = array_fill(0, max(0, $room) + 1, 0.0);
        $taken = [];
        foreach ($things as $key => [$takes, $worth]) {
            for ($left = max(0, $room); $left >= $takes; $left--) {
                if ($best[$left - $takes] + $worth > $best[$left] + 1e-12) {
                    $best[$left] = $best[$left - $takes] + $worth;
                    $taken[$key][$left] = true;
                }
            }
        }
        $chosen = [];
        $left = max(0, $room);
        foreach (array_reverse(array_keys($things)) as $key) {
            if (isset($taken[$key][$left])) {
                $chosen[] = $key;
                $left -= $things[$key][0];
            }
        }

        return array_reverse($chosen);
    }
}
