<?php

declare(strict_types=1);

namespace StoneDrill\Core\Report;

use StoneDrill\Core\Coverage\Fewest;

/** The fewest answers with which a rank covers a share of what it needs. */
final readonly class FewestReport implements Report
{
    /** @param float $asked the share that was asked for, 0 to 1 */
    public function __construct(public Fewest $fewest, public float $asked) {}

    public function document(): array
    {
        return [
            'answers' => array_map(
                static fn (array $step): array => [
                    'id' => $step['candidate']->answer,
                    'move' => $step['candidate']->move,
                    'gain' => $step['gain'],
                ],
                $this->fewest->chosen,
            ),
            'covered' => $this->fewest->covered,
            'taught' => $this->fewest->taught,
            'exact' => $this->fewest->isExact,
            'bound' => $this->fewest->bound,
        ];
    }
}
