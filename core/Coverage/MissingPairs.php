<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\FacetScope;

/** The pair measure: which two values of two aspects can go together, and which of these no attack has on any side. */
final readonly class MissingPairs
{
    /** Kind and facets by which a made-up attack begins, where they are feasible. */
    private const USUAL = ['hand' => 'right', 'bearing' => '12', 'phase' => 'landed', 'notice' => 'ready'];

    /**
     * @param list<MissingPair> $missing those with the most feasible attacks first
     * @param int               $pairs   how many pairs are feasible
     */
    private function __construct(public array $missing, public int $pairs) {}

    /** @param list<Kind> $kinds every kind that could be catalogued */
    public static function of(Catalogue $catalogue, array $kinds): self
    {
        $there = self::there($catalogue);
        $used = array_flip(array_map(static fn ($attack): string => $attack->kind->id, $catalogue->attacks));
        // A pair is shown with a kind that is in the catalogue, where one can have it.
        usort($kinds, static fn (Kind $a, Kind $b): int => isset($used[$b->id]) <=> isset($used[$a->id]));
        $sizes = $example = [];
        foreach ($kinds as $kind) {
            foreach (self::sizes($kind, $catalogue->school->conventions->scope) as $pair => $size) {
                $sizes[$pair] = ($sizes[$pair] ?? 0) + $size;
                $example[$pair] ??= $kind;
            }
        }
        arsort($sizes);
        $missing = [];
        foreach (array_diff_key($sizes, $there) as $pair => $size) {
            [$a, $valueA, $b, $valueB] = explode('|', $pair);
            $values = [$a => $valueA, $b => $valueB];
            $missing[] = new MissingPair($values, $size, $example[$pair], self::usual($example[$pair], $values));
        }

        return new self($missing, count($sizes));
    }

    /** @return array<string, true> by pair */
    private static function there(Catalogue $catalogue): array
    {
        $there = [];
        foreach ($catalogue->attacks as $attack) {
            foreach ($attack->sides() as $side) {
                $values = array_map(
                    static fn (Aspect $aspect): string => $aspect->id
                        .'|'
                        .$aspect->valueOf($attack->kind, $attack->on($side)),
                    Aspect::all(),
                );
                foreach ($values as $place => $value) {
                    foreach (array_slice($values, $place + 1) as $other) {
                        $there[$value.'|'.$other] = true;
                    }
                }
            }
        }

        return $there;
    }

    /** @return array<string, int> number of feasible attacks of the kind that have both values, by pair */
    private static function sizes(Kind $kind, FacetScope $scope): array
    {
        $allowed = self::allowed($kind, $scope);
        $sizes = [];
        // Only the notice hangs on another facet, the bearing: all attacks of one bearing are a whole product.
        foreach ($allowed[Facet::Bearing->value] as $bearing) {
            $here = [
                Aspect::FAMILY => [$kind->family->value],
                ...$allowed,
                Facet::Bearing->value => [$bearing],
                Facet::Notice->value => $scope->within(
                    Facet::Notice,
                    (new Feasibility())->allowed($kind, Facet::Notice, ['bearing' => $bearing]),
                ),
            ];
            $all = array_product(array_map('count', $here));
            $aspects = array_keys($here);
            foreach ($aspects as $place => $a) {
                foreach (array_slice($aspects, $place + 1) as $b) {
                    foreach ($here[$a] as $valueA) {
                        foreach ($here[$b] as $valueB) {
                            $pair = "{$a}|{$valueA}|{$b}|{$valueB}";
                            $sizes[$pair]
                                = ($sizes[$pair] ?? 0) + intdiv((int) $all, count($here[$a]) * count($here[$b]));
                        }
                    }
                }
            }
        }

        return $sizes;
    }

    /** @return array<string, list<string>> by facet */
    private static function allowed(Kind $kind, FacetScope $scope): array
    {
        $allowed = [];
        foreach (Facet::cases() as $facet) {
            $allowed[$facet->value] = $scope->within($facet, (new Feasibility())->allowed($kind, $facet));
        }

        return $allowed;
    }

    /** @param array<string, string> $values that it must have */
    private static function usual(Kind $kind, array $values): Facets
    {
        $facets = [];
        $bearings = self::bearings($kind, $values['notice'] ?? null);
        // The bearing first: what is noticed hangs on it.
        foreach ([Facet::Bearing, ...Facet::cases()] as $facet) {
            $allowed = $facet === Facet::Bearing ? $bearings : (new Feasibility())->allowed($kind, $facet, $facets);
            $wished = $values[$facet->value] ?? (self::USUAL[$facet->value] ?? (string) $facet->default());
            $facets[$facet->value] ??= in_array($wished, $allowed, true) ? $wished : $allowed[0];
        }

        return Facets::of($facets);
    }

    /** @return list<string> hours of the kind from which an attack can come that is noticed so */
    private static function bearings(Kind $kind, ?string $notice): array
    {
        $hours = (new Feasibility())->allowed($kind, Facet::Bearing);

        return $notice === null
            ? $hours
            : array_values(
                array_filter(
                    $hours,
                    static fn (string $hour): bool => in_array(
                        $notice,
                        (new Feasibility())->allowed($kind, Facet::Notice, ['bearing' => $hour]),
                        true,
                    ),
                ),
            );
    }
}
