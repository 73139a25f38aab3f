<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use Random\Randomizer;

/**
 * Rows made of one row: it is turned round place by place, each time every value but the last is counted up modulo v −
 * 1, and one row of last values comes to them: k (v − 1) + 1 in all, for k parameters of up to v values (Meagher &
 * Stevens 2005). They meet every pair where, at each distance round the row, every difference occurs. All combinations
 * must be possible.
 */
final readonly class StarterVector
{
    /** Values changed before it is given up, and the places that each is looked for in. */
    private const STEPS = 500;
    private const PLACES = 3;

    private int $length;

    /** What is counted up is so modulo this, which is the last value too. */
    private int $modulus;

    /** @param non-empty-list<int> $sizes values of each parameter */
    public function __construct(private array $sizes, private Randomizer $random)
    {
        $this->length = count($sizes);
        $this->modulus = max($sizes) - 1;
    }

    /** How many rows there would be. */
    public function count(): int
    {
        return $this->length * $this->modulus + 1;
    }

    /** @return list<list<int>>|null value of each parameter, by row; null where none is found */
    public function rows(): ?array
    {
        if ($this->length < 3 || $this->modulus < 1) {
            return null;
        }
        $row = [$this->modulus];
        for ($place = 1; $place < $this->length; $place++) {
            $row[] = $this->random->getInt(0, $this->modulus - 1);
        }
        $missing = $this->missing($row);
        for ($step = 0; $missing > 0 && $step < self::STEPS; $step++) {
            [$row, $missing] = $this->better($row);
        }

        return $missing === 0 ? $this->turned($row) : null;
    }

    /**
     * The best of the rows that differ in a value of some drawn places; it may be worse than the row itself.
     *
     * @param list<int> $row
     *
     * @return array{list<int>, int} with how many differences it lacks
     */
    private function better(array $row): array
    {
        [$best, $least] = [$row, PHP_INT_MAX];
        for ($i = 0; $i < self::PLACES; $i++) {
            $place = $this->random->getInt(1, $this->length - 1);
            for ($value = 0; $value < $this->modulus; $value++) {
                $other = [...array_slice($row, 0, $place), $value, ...array_slice($row, $place + 1)];
                $missing = $value === $row[$place] ? PHP_INT_MAX : $this->missing($other);
                if ($missing < $least) {
                    [$best, $least] = [$other, $missing];
                }
            }
        }

        return [$best, $least === PHP_INT_MAX ? $this->missing($best) : $least];
    }

    /**
     * How many differences do not occur at some distance. Half the distances are enough: the others are theirs turned
     * round.
     *
     * @param array<int, int> $row the first value of it is the one that is not counted up
     */
    private function missing(array $row): int
    {
        $missing = 0;
        for ($distance = 1; 2 * $distance <= $this->length; $distance++) {
            $met = [];
            for ($from = 1; $from < $this->length; $from++) {
                $to = ($from + $distance) % $this->length;
                if ($to !== 0) {
                    $met[($row[$to] - $row[$from] + $this->modulus) % $this->modulus] = true;
                }
            }
            $missing += $this->modulus - count($met);
        }

        return $missing;
    }

    /**
     * @param list<int> $row
     *
     * @return list<list<int>>
     */
    private function turned(array $row): array
    {
        $rows = [array_map(static fn (int $size): int => $size - 1, $this->sizes)];
        for ($turn = 0; $turn < $this->length; $turn++) {
            for ($up = 0; $up < $this->modulus; $up++) {
                // Where a parameter has fewer values, any does for those that it does not have.
                $rows[] = array_map(
                    fn (int $size, int $value): int => ($value === $this->modulus
                        ? $value
                        : ($value + $up) % $this->modulus) % $size,
                    $this->sizes,
                    $row,
                );
            }
            $row = [...array_slice($row, 1), $row[0]];
        }

        return $rows;
    }
}
