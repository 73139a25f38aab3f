<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session\Season;

/** What one candidate tries on the way to a test, and what comes of it. */
final readonly class Way
{
    /**
     * @param array<string, Future>          $futures of what they are asked for, by the cell's key
     * @param array<string, list<int>>       $times   when each cell is tried, the first one first
     * @param array<int, array<string, int>> $drill   tries by the place of the class, then the cell's key
     */
    public function __construct(public array $futures, public array $times, public array $drill) {}

    /** @return list<string> keys of the cells that are not held on a day */
    public function left(int $day): array
    {
        $left = [];
        foreach ($this->futures as $key => $future) {
            $until = array_values(array_filter($this->times[$key] ?? [], static fn (int $then): bool => $then <= $day));
            if (! $future->holdsOn($until, $day)) {
                $left[] = $key;
            }
        }

        return $left;
    }
}
