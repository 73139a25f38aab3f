<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Side;

/** A list of attacks in which every feasible pair of values of some facets, the kind among them, occurs. */
final readonly class AttackRows
{
    public const KIND = 'kind';

    /** Somebody waits for the list, and gets the same one again. */
    private const STEPS = 2_000;

    /**
     * @param list<DrillRow> $rows       what meets most comes first
     * @param list<int>      $met        how many pairs are met by each row and those before it
     * @param int            $pairs      how many pairs of values there are
     * @param int            $infeasible how many of them cannot be
     */
    private function __construct(public array $rows, public array $met, public int $pairs, public int $infeasible) {}

    /** How many pairs some attack can meet. */
    public function feasible(): int
    {
        return $this->pairs - $this->infeasible;
    }

    /**
     * How many rows it takes to meet a share of the pairs.
     *
     * @param float $share 0 to 1
     */
    public function needed(float $share): int
    {
        foreach ($this->met as $place => $met) {
            if ($met >= $share * $this->feasible()) {
                return $place + 1;
            }
        }

        return count($this->rows);
    }

    /**
     * @param non-empty-list<Attack>      $attacks  of the catalogue; their kinds are the kinds that are drilled
     * @param list<Facet>                 $facets   that vary besides the kind
     * @param bool                        $onlyUsed whether only values are drilled that one of the attacks has on some
     *     side
     * @param list<array<string, string>> $forbid   combinations that are not wanted, values by `kind` or facet
     *
     * @throws ModelException when a combination names what is not there
     */
    public static function of(array $attacks, array $facets, bool $onlyUsed, array $forbid, int $seed): self
    {
        $kinds = [];
        foreach ($attacks as $attack) {
            $kinds[$attack->kind->id] = $attack->kind;
        }
        $parameters = [self::KIND => array_map('strval', array_keys($kinds))];
        foreach ($facets as $facet) {
            $parameters[$facet->value] = self::values($facet, $attacks, $kinds, $onlyUsed);
        }
        // What none of the attacks has is left out already.
        $forbid = array_filter(
            $forbid,
            static fn (array $combination): bool => array_filter(
                $combination,
                static fn (string $value, string $name): bool => isset($parameters[$name])
                    && ! in_array($value, $parameters[$name], true)
                    && in_array($value, Facet::tryFrom($name)?->values() ?? [], true),
                ARRAY_FILTER_USE_BOTH,
            ) === [],
        );
        $sample = (new Sampler(
            Model::of($parameters, [...$forbid, ...self::infeasible($kinds, $parameters)]),
            $seed,
        ))->sample(Budget::steps(self::STEPS));

        [$rows, $met] = self::mostFirst($sample->rows);

        return new self(
            array_map(static fn (array $row): DrillRow => self::nearest($row, $attacks), $rows),
            $met,
            $sample->pairs,
            $sample->infeasible,
        );
    }

    /**
     * Puts before the others, again and again, the row that meets most pairs that none before it has.
     *
     * @param list<array<string, string>> $rows
     *
     * @return array{list<array<string, string>>, list<int>} the rows, and how many pairs are met up to each
     */
    private static function mostFirst(array $rows): array
    {
        $left = array_map(self::pairsOf(...), $rows);
        $ordered = $met = $seen = [];
        while ($left !== []) {
            $left = array_map(static fn (array $pairs): array => array_diff_key($pairs, $seen), $left);
            $counts = array_map(count(...), $left);
            $best = (int) array_search(max($counts), $counts, true);
            $seen += $left[$best];
            $ordered[] = $rows[$best];
            $met[] = count($seen);
            unset($left[$best]);
        }

        return [$ordered, $met];
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, true> by both names and values
     */
    private static function pairsOf(array $row): array
    {
        $pairs = [];
        $names = array_keys($row);
        foreach ($names as $place => $name) {
            foreach (array_slice($names, $place + 1) as $other) {
                $pairs["{$name} {$row[$name]} {$other} {$row[$other]}"] = true;
            }
        }

        return $pairs;
    }

    /**
     * @param list<Attack>        $attacks
     * @param array<string, Kind> $kinds
     *
     * @return list<string> those that some kind can have
     */
    private static function values(Facet $facet, array $attacks, array $kinds, bool $onlyUsed): array
    {
        $values = [];
        foreach ($onlyUsed ? $attacks : [] as $attack) {
            foreach ($attack->sides() as $side) {
                $values[] = $attack->on($side)->value($facet);
            }
        }
        foreach ($onlyUsed ? [] : $kinds as $kind) {
            array_push(
                $values,
                ...(new Feasibility())->allowed($kind, $facet),
                ...$facet === Facet::Notice && array_intersect($kind->bearings, [4, 5, 6, 7, 8]) !== []
                    ? ['off-guard']
                    : [],
            );
        }

        return array_values(array_intersect($facet->values(), $values));
    }

    /**
     * What cannot be: everything but the notice follows from the kind alone, the notice from the bearing too.
     *
     * @param array<string, Kind>         $kinds
     * @param array<string, list<string>> $parameters
     *
     * @return list<array<string, string>>
     */
    private static function infeasible(array $kinds, array $parameters): array
    {
        $feasibility = new Feasibility();
        $forbid = [];
        foreach ($parameters as $name => $values) {
            $facet = Facet::tryFrom($name);
            if ($facet === null) {
                continue;
            }
            foreach ($kinds as $id => $kind) {
                $bearings = $facet === Facet::Notice ? $kind->bearings : [$kind->bearings[0]];
                $allowed = array_merge(
                    ...array_map(
                        static fn (int $bearing): array => $feasibility->allowed($kind, $facet, [
                            'bearing' => (string) $bearing,
                        ]),
                        $bearings,
                    ),
                );
                foreach (array_diff($values, $allowed) as $value) {
                    $forbid[] = [self::KIND => $id, $name => $value];
                }
            }
        }
        if (isset($parameters[Facet::Notice->value], $parameters[Facet::Bearing->value]) && $kinds !== []) {
            $any = array_values($kinds)[0];
            foreach ($parameters[Facet::Bearing->value] as $bearing) {
                foreach (
                    array_diff(
                        $parameters[Facet::Notice->value],
                        $feasibility->allowed($any, Facet::Notice, ['bearing' => $bearing]),
                    ) as $notice
                ) {
                    $forbid[] = [Facet::Bearing->value => $bearing, Facet::Notice->value => $notice];
                }
            }
        }

        return $forbid;
    }

    /**
     * @param array<string, string>  $row
     * @param non-empty-list<Attack> $attacks
     */
    private static function nearest(array $row, array $attacks): DrillRow
    {
        $best = null;
        foreach ($attacks as $attack) {
            foreach ($attack->kind->id === $row[self::KIND] ? $attack->sides() : [] as $side) {
                $differences = self::differences($row, $attack, $side);
                if ($best === null || count($differences) < count($best->differences)) {
                    $best = new DrillRow($row, $attack->id, $side, $differences);
                }
            }
        }

        return $best ?? new DrillRow($row, $attacks[0]->id, Side::Written, []);
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, string>
     */
    private static function differences(array $row, Attack $attack, Side $side): array
    {
        $differences = [];
        foreach ($row as $name => $value) {
            $facet = Facet::tryFrom($name);
            if ($facet !== null && $attack->on($side)->value($facet) !== $value) {
                $differences[$name] = $value;
            }
        }

        return $differences;
    }
}
