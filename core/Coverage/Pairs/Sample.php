<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

/** Rows in which every feasible pair of values occurs. */
final readonly class Sample
{
    /**
     * @param list<array<string, string>> $rows       value by name of the parameter
     * @param int                         $pairs      how many pairs of values there are
     * @param int                         $infeasible how many of them no whole row contains
     * @param int                         $atFirst    how many rows there were before they were made fewer
     * @param float                       $seconds    that all of it took
     */
    public function __construct(
        public array $rows,
        public int $pairs,
        public int $infeasible,
        public int $atFirst,
        public float $seconds,
    ) {}
}
