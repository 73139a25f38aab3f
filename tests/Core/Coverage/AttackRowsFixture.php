<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Coverage\Pairs\DrillRow;
use Tests\Support\Made;

/** What the tests of AttackRows share. */
final class AttackRowsFixture
{
    /** @return list<Attack> of the demo */
    public static function ofFamily(Family $family): array
    {
        return array_values(
            array_filter(Made::demo()->attacks, fn (Attack $attack): bool => $attack->kind->family === $family),
        );
    }

    /**
     * Every pair of values that some feasible attack of these kinds has, by trying all of them.
     *
     * @param list<Attack> $attacks
     * @param list<Facet>  $facets
     *
     * @return array<string, true>
     */
    public static function pairsThatCanBe(array $attacks, array $facets): array
    {
        $pairs = [];
        foreach (
            array_column(
                array_map(fn (Attack $attack): array => ['id' => $attack->kind->id, 'kind' => $attack->kind], $attacks),
                'kind',
                'id',
            ) as $kind
        ) {
            $rows = [['kind' => $kind->id]];
            foreach ($facets as $facet) {
                $rows = array_merge(
                    ...array_map(
                        fn (array $row): array => array_map(
                            fn (string $value): array => [...$row, $facet->value => $value],
                            $facet->values(),
                        ),
                        $rows,
                    ),
                );
            }
            $usual = array_filter($attacks, fn (Attack $attack): bool => $attack->kind->id === $kind->id);
            foreach ($rows as $row) {
                $facetsOf = Facets::of([
                    ...array_values($usual)[0]->facets->toArray(),
                    ...($row['notice'] ?? null) === null
                    && in_array($row['bearing'] ?? '', ['4', '5', '6', '7', '8'], true)
                        ? ['notice' => 'off-guard']
                        : [],
                    ...array_diff_key($row, ['kind' => true]),
                ]);
                if ((new Feasibility())->refusals($kind, $facetsOf) === []) {
                    foreach ($row as $a => $x) {
                        foreach ($row as $b => $y) {
                            if ($a < $b) {
                                $pairs["{$a}={$x} {$b}={$y}"] = true;
                            }
                        }
                    }
                }
            }
        }

        return $pairs;
    }

    /**
     * @param list<DrillRow> $rows
     *
     * @return array<string, true> the pairs of values that stand together in some of them
     */
    public static function pairsOf(array $rows): array
    {
        $met = [];
        foreach ($rows as $row) {
            foreach ($row->values as $a => $x) {
                foreach ($row->values as $b => $y) {
                    if ($a < $b) {
                        $met["{$a}={$x} {$b}={$y}"] = true;
                    }
                }
            }
        }

        return $met;
    }
}
