<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Text;

/** Feasible values of a kind that is in the catalogue which no attack of that kind has, from either side. */
final readonly class Uncatalogued
{
    private const FACETS = [Facet::Hand, Facet::Phase, Facet::Notice, Facet::Posture];

    /** Prevalence of what nobody has rated. */
    private const PREVALENCE = 3;

    /** @return list<Hole> in the order of the kinds as they first appear */
    public static function of(Catalogue $catalogue): array
    {
        $has = $kinds = [];
        foreach ($catalogue->attacks as $attack) {
            $kinds[$attack->kind->id] = $attack->kind;
            foreach ($attack->sides() as $side) {
                $facets = $attack->on($side);
                foreach (self::FACETS as $facet) {
                    $has[$attack->kind->id][$facet->value][$facets->value($facet)] = true;
                }
            }
        }
        $holes = [];
        foreach ($kinds as $kind) {
            foreach (self::FACETS as $facet) {
                foreach (
                    $catalogue->school->conventions->scope->within($facet, self::feasible($kind, $facet)) as $value
                ) {
                    if (! isset($has[$kind->id][$facet->value][$value])) {
                        $holes[] = new Hole(
                            HoleKind::Uncatalogued,
                            null,
                            null,
                            self::PREVALENCE * HoleKind::Uncatalogued->factorIn($catalogue->school),
                            Text::of('holes.uncatalogued', [
                                'kind' => $kind->name(),
                                'facet' => $facet->text(),
                                'value' => $value,
                            ]),
                            [],
                            "{$kind->id} {$facet->value} {$value}",
                        );
                    }
                }
            }
        }

        return $holes;
    }

    /**
     * The values that are feasible with some bearing of the kind.
     *
     * @return list<string>
     */
    private static function feasible(Kind $kind, Facet $facet): array
    {
        $feasibility = new Feasibility();
        $values = [];
        foreach ($facet === Facet::Notice ? $kind->bearings : [$kind->bearings[0]] as $bearing) {
            $values = [...$values, ...$feasibility->allowed($kind, $facet, ['bearing' => (string) $bearing])];
        }

        return array_values(array_intersect($facet->values(), $values));
    }
}
