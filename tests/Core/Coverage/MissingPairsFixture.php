<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

use Generator;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;

/** What the tests of MissingPairs share. */
final class MissingPairsFixture
{
    /**
     * Every feasible attack of a kind, found by trying all values of all facets and asking what is refused.
     *
     * @return Generator<Facets>
     */
    public static function everyFeasible(Kind $kind): Generator
    {
        $rows = [[]];
        foreach (Facet::cases() as $facet) {
            $longer = [];
            foreach ($rows as $row) {
                foreach (
                    in_array($facet, [Facet::Hand, Facet::Phase, Facet::Thumb, Facet::Entry], true)
                        ? (new Feasibility())->allowed($kind, $facet)
                        : $facet->values() as $value
                ) {
                    $longer[] = [...$row, $facet->value => $value];
                }
            }
            $rows = $longer;
        }
        foreach ($rows as $row) {
            $facets = Facets::of($row);
            if ((new Feasibility())->refusals($kind, $facets) === []) {
                yield $facets;
            }
        }
    }
}
