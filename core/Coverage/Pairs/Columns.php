<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use Random\Randomizer;

/**
 * A fixed number of rows, grown a column at a time: each parameter takes a balanced column that meets every pair with
 * those before it, mended by exchanging two of its rows while that helps. Only for models without constraints.
 */
final readonly class Columns
{
    /** Columns drawn for a parameter before it is given up. */
    private const DRAWN = 400;

    /** @param list<int> $sizes values of each parameter */
    public function __construct(private array $sizes, private Randomizer $random) {}

    /**
     * @return list<list<int>>|null value by parameter, by row; null where a column is not found
     */
    public function grow(int $rows): ?array
    {
        $order = array_keys($this->sizes);
        usort($order, fn (int $a, int $b): int => [$this->sizes[$b], $a] <=> [$this->sizes[$a], $b]);
        $columns = [];
        foreach ($order as $parameter) {
            $column = $this->column($columns, $parameter, $rows);
            if ($column === null) {
                return null;
            }
            $columns[$parameter] = $column;
        }
        ksort($columns);

        return array_map(static fn (int $row): array => array_map(static fn (array $column): int => $column[$row], array_values($columns)), range(0, $rows - 1));
    }

    /**
     * @param array<int, list<int>> $columns
     *
     * @return list<int>|null
     */
    private function column(array $columns, int $parameter, int $rows): ?array
    {
        $balanced = [];
        for ($row = 0; $row < $rows; $row++) {
            $balanced[] = $row % $this->sizes[$parameter];
        }
        for ($drawn = 0; $drawn < self::DRAWN; $drawn++) {
            $column = $this->random->shuffleArray($balanced);
            $missing = $this->missing($columns, $column, $parameter);
            for ($step = 0; $missing > 0 && $step < 2 * $rows; $step++) {
                [$a, $b] = [$this->random->getInt(0, $rows - 1), $this->random->getInt(0, $rows - 1)];
                [$column[$a], $column[$b]] = [$column[$b], $column[$a]];
                $now = $this->missing($columns, $column, $parameter);
                if ($now > $missing) {
                    [$column[$a], $column[$b]] = [$column[$b], $column[$a]];
                } else {
                    $missing = $now;
                }
            }
            if ($missing === 0) {
                return array_values($column);
            }
        }

        return null;
    }

    /**
     * Pairs with earlier columns that a column does not meet.
     *
     * @param array<int, list<int>> $columns
     * @param array<int, int>       $column  values by row
     */
    private function missing(array $columns, array $column, int $parameter): int
    {
        $missing = 0;
        foreach ($columns as $other => $values) {
            $met = [];
            foreach ($column as $row => $value) {
                $met[$value * $this->sizes[$other] + $values[$row]] = true;
            }
            $missing += $this->sizes[$parameter] * $this->sizes[$other] - count($met);
        }

        return $missing;
    }
}
