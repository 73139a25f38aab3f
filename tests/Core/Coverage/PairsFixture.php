<?php

declare(strict_types=1);

namespace Tests\Core\Coverage;

/** What the tests of Pairs share. */
final class PairsFixture
{
    /**
     * @param array<int, int> $counts how many parameters there are of so many values
     *
     * @return array<string, list<string>> p0, p1, … with the values v1, v2, …
     */
    public static function mixed(array $counts): array
    {
        $parameters = [];
        foreach ($counts as $values => $count) {
            for ($i = 0; $i < $count; $i++) {
                $parameters['p'.count($parameters)] = array_map(
                    static fn (int $value): string => "v{$value}",
                    range(1, $values),
                );
            }
        }

        return $parameters;
    }

    /** Whether a row has a forbidden combination in it, told the plain way. */
    public static function isForbidden(array $row, array $forbid): bool
    {
        foreach ($forbid as $combination) {
            if (array_intersect_assoc($combination, $row) === $combination) {
                return true;
            }
        }

        return false;
    }

    /** Every pair of the rows of a list. @return array<string, true> */
    public static function pairsOf(iterable $rows): array
    {
        $pairs = [];
        foreach ($rows as $row) {
            foreach ($row as $a => $x) {
                foreach ($row as $b => $y) {
                    if ($a < $b) {
                        $pairs["{$a}={$x} {$b}={$y}"] = true;
                    }
                }
            }
        }

        return $pairs;
    }

    /** Every whole row that is allowed, by going through all of them. @return list<array<string, string>> */
    public static function allRows(array $parameters, array $forbid): array
    {
        $rows = [[]];
        foreach ($parameters as $name => $values) {
            $longer = [];
            foreach ($rows as $row) {
                foreach ($values as $value) {
                    $longer[] = [...$row, $name => $value];
                }
            }
            $rows = $longer;
        }

        return array_values(array_filter($rows, static fn (array $row): bool => ! self::isForbidden($row, $forbid)));
    }
}
