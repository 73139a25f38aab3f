<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Coverage\Cell;

/**
 * The part of a wall that is drawn at once: all of it, or of a large one as many attacks as one can look at, family by
 * family.
 */
final readonly class WallPage
{
    /** Stones that are drawn at once. */
    private const MAX_STONES = 3_200;

    /**
     * @param list<Cell>   $cells    those of the page
     * @param int          $number   from 1
     * @param int          $last     how many pages there are
     * @param int          $from     place of the first attack, from 1
     * @param int          $total    how many attacks there are
     * @param list<Family> $families of all of them
     */
    private function __construct(
        public array $cells,
        public int $number,
        public int $last,
        public int $from,
        public int $total,
        public array $families = [],
    ) {}

    /**
     * @param list<Cell> $cells  all that are asked for, both sides of an attack next to each other
     * @param int        $ranks  how many courses are drawn
     * @param int        $number the page that is asked for
     */
    public static function of(array $cells, int $ranks, int $number): self
    {
        $attacks = [];
        foreach ($cells as $cell) {
            $attacks[$cell->attack->id][] = $cell;
        }
        $fits = max(10, intdiv(self::MAX_STONES, 2 * max(1, $ranks)));
        if (count($attacks) <= $fits) {
            return new self($cells, 1, 1, 1, count($attacks));
        }
        $order = array_flip(array_column(Family::cases(), 'value'));
        uasort(
            $attacks,
            static fn (array $a, array $b): int => $order[$a[0]->attack->kind->family->value]
                <=> $order[$b[0]->attack->kind->family->value],
        );
        $last = intdiv(count($attacks) + $fits - 1, $fits);
        $number = max(1, min($last, $number));
        $shown = array_slice(array_values($attacks), ($number - 1) * $fits, $fits);

        $families = array_unique(
            array_map(static fn (array $sides): Family => $sides[0]->attack->kind->family, array_values($attacks)),
            SORT_REGULAR,
        );

        return new self(
            array_merge(...$shown),
            $number,
            $last,
            ($number - 1) * $fits + 1,
            count($attacks),
            array_values($families),
        );
    }

    /** Whether there is more than is shown. */
    public function isPart(): bool
    {
        return $this->last > 1;
    }

    /** Place of the last attack that is shown, from 1. */
    public function to(): int
    {
        return $this->from
            - 1
            + count(array_unique(array_map(static fn (Cell $cell): string => $cell->attack->id, $this->cells)));
    }

    public function hasPrevious(): bool
    {
        return $this->number > 1;
    }

    public function hasNext(): bool
    {
        return $this->number < $this->last;
    }

    public function previous(): int
    {
        return $this->number - 1;
    }

    public function next(): int
    {
        return $this->number + 1;
    }
}
