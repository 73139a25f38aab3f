<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/**
 * Who attacks first in each pair, so that over all rounds everybody attacks first as often as not, give or take one.
 * The pairs are the edges of a graph: it is gone round along its edges, and each is taken in the direction in which it
 * was gone (Euler).
 */
final readonly class Turns
{
    /**
     * @param list<list<array{int, int}>> $rounds pairs by round
     *
     * @return array<int, list<array{int, int}>> the same, the one who attacks first before the other
     */
    public static function first(array $rounds): array
    {
        $edges = $at = [];
        foreach ($rounds as $round => $pairs) {
            foreach ($pairs as $place => [$a, $b]) {
                $at[$a][] = $at[$b][] = count($edges);
                $edges[] = [$a, $b, $round, $place];
            }
        }
        // Who has an odd number of pairs has one more with nobody, so that every way on leads back.
        foreach (array_keys(array_filter($at, static fn (array $own): bool => count($own) % 2 === 1)) as $odd) {
            $at[$odd][] = $at[-1][] = count($edges);
            $edges[] = [$odd, -1, null, null];
        }
        $gone = [];
        foreach (array_keys($at) as $start) {
            for ($here = $start; ($edge = self::next($at[$here], $gone)) !== null; $here = $there) {
                $gone[$edge] = true;
                [$a, $b, $round, $place] = $edges[$edge];
                $there = $a === $here ? $b : $a;
                if ($round !== null && $place !== null) {
                    $rounds[$round][$place] = [$here, $there];
                }
            }
        }

        return array_map(array_values(...), $rounds);
    }

    /**
     * @param list<int>        $edges
     * @param array<int, true> $gone
     */
    private static function next(array &$edges, array $gone): ?int
    {
        while ($edges !== []) {
            $edge = array_pop($edges);
            if (! isset($gone[$edge])) {
                return $edge;
            }
        }

        return null;
    }
}
