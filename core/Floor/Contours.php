<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/**
 * Lines through a grid along which a figure has one value (marching squares, each side of a square met by straight
 * interpolation).
 */
final class Contours
{
    /**
     * @param list<list<?float>> $values by row, then column; null where there is none
     *
     * @return list<array{float, float, float, float}> pieces of lines, columns and rows of both ends
     */
    public static function at(array $values, float $level): array
    {
        $pieces = [];
        for ($row = 0; $row + 1 < count($values); $row++) {
            for ($column = 0; $column + 1 < count($values[$row]); $column++) {
                $corners = [[$column, $row], [$column + 1, $row], [$column + 1, $row + 1], [$column, $row + 1]];
                $met = self::met($values, $corners, $level);
                for ($at = 0; $at + 1 < count($met); $at += 2) {
                    $pieces[] = [...$met[$at], ...$met[$at + 1]];
                }
            }
        }

        return $pieces;
    }

    /**
     * Where the sides of a square are met.
     *
     * @param list<list<?float>>     $values
     * @param list<array{int, int}> $corners in order round it
     *
     * @return list<array{float, float}>
     */
    private static function met(array $values, array $corners, float $level): array
    {
        $met = [];
        foreach ($corners as $at => [$column, $row]) {
            [$nextColumn, $nextRow] = $corners[($at + 1) % 4];
            [$from, $to] = [$values[$row][$column], $values[$nextRow][$nextColumn]];
            if ($from === null || $to === null) {
                return [];
            }
            if ($from < $level !== $to < $level) {
                $share = ($level - $from) / ($to - $from);
                $met[] = [$column + $share * ($nextColumn - $column), $row + $share * ($nextRow - $row)];
            }
        }

        return $met;
    }
}
