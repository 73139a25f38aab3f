<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/**
 * Cuts people, in the order of their ranks, into bands that are taught together: the cut by which what is taught is
 * worth most to all of them. Exact, by dynamic programming over where the last band begins.
 */
final readonly class Bands
{
    /** By less two cuts are worth the same. */
    private const SAME = 1e-9;

    /**
     * @param list<array<array-key, float|null>> $values of each answer to each person, by answer; null where it is
     *     barred for them
     * @param int                                $most   bands, at most
     * @param int                                $taught answers that there is time for in a band
     *
     * @return list<Band> with the first people first; where two cuts are worth the same, the one of fewer bands
     */
    public static function cut(array $values, int $most, int $taught): array
    {
        $people = count($values);
        $worth = self::worth($values, $most, $taught);
        $best = [[0 => [0.0, []]]];
        for ($bands = 1; $bands <= min($most, $people); $bands++) {
            for ($to = $bands; $to <= $people; $to++) {
                for ($from = $bands - 1; $from < $to; $from++) {
                    $before = $best[$bands - 1][$from] ?? null;
                    $band = $worth[$from][$to] ?? null;
                    if ($before === null || $band === null) {
                        continue;
                    }
                    $sum = $before[0] + $band->value;
                    if (! isset($best[$bands][$to]) || $sum > $best[$bands][$to][0] + self::SAME) {
                        $best[$bands][$to] = [$sum, [...$before[1], $band]];
                    }
                }
            }
        }
        $chosen = [-1.0, []];
        foreach ($best as $ends) {
            if (isset($ends[$people]) && $ends[$people][0] > $chosen[0] + self::SAME) {
                $chosen = $ends[$people];
            }
        }

        return $chosen[1];
    }

    /**
     * @param list<array<array-key, float|null>> $values
     *
     * @return array<int, array<int, Band>> by its first person, then the one after its last; where there is one band it
     *     is that of all
     */
    private static function worth(array $values, int $most, int $taught): array
    {
        $worth = [];
        $people = count($values);
        for ($from = 0; $from < ($most > 1 ? $people : min(1, $people)); $from++) {
            $sums = [];
            for ($to = $from + 1; $to <= $people; $to++) {
                foreach ($values[$to - 1] as $answer => $value) {
                    $sums[$answer] = $value === null || (array_key_exists($answer, $sums) && $sums[$answer] === null)
                        ? null
                        : ($sums[$answer] ?? 0.0) + $value;
                }
                if ($most > 1 || $to === $people) {
                    $worth[$from][$to] = Band::of($from, $to, $sums, $taught);
                }
            }
        }

        return $worth;
    }
}
