<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Coverage\Pairs\Sample;

/** Few rows in which every feasible pair of values occurs. */
final readonly class PairsReport implements Report
{
    public function __construct(public Sample $sample) {}

    public function document(): array
    {
        return [
            // A row without values is a map too.
            'rows' => array_map(static fn (array $row): object => (object) $row, $this->sample->rows),
            'pairs_total' => $this->sample->pairs,
            'pairs_infeasible' => $this->sample->infeasible,
            'rows_at_first' => $this->sample->atFirst,
        ];
    }
}
