<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

/** What the tests of SetCover share. */
final class SetCoverFixture
{
    /** The best choice by trying all of them: fewest, then heaviest, then first in order. */
    public static function bestByTrying(array $weights, array $sets, float $goal): array
    {
        $best = null;
        for ($choice = 0; $choice < 2 ** count($sets); $choice++) {
            $picked = array_values(
                array_filter(array_keys($sets), static fn (int $set): bool => (($choice >> $set) & 1) === 1),
            );
            $weight = array_sum(
                array_map(
                    static fn (int $element): float => $weights[$element],
                    array_unique(array_merge([], ...array_map(static fn (int $set): array => $sets[$set], $picked))),
                ),
            );
            if (
                $weight >= $goal - 1e-9
                && ($best === null
                    || [count($picked), -round($weight, 9), $picked] < [count($best[1]), -round($best[0], 9), $best[1]])
            ) {
                $best = [$weight, $picked];
            }
        }

        return $best[1] ?? [];
    }
}
