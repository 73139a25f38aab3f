<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Report\FewestReport;

/** The fewest answers as their page tells them, step by step. */
final readonly class FewestView
{
    /** @param string $rank name of the rank */
    public function __construct(private FewestReport $report, private string $rank) {}

    /** Whether fewer would do, in a sentence or two. */
    public function proof(): string
    {
        return __('fewest.covers', [
            'percent' => $this->percent($this->report->fewest->covered),
            'taught' => $this->percent($this->report->fewest->taught),
            'rank' => $this->rank,
        ])
            .' '
            .__($this->report->fewest->isExact ? 'fewest.exact' : 'fewest.bound', [
                'bound' => $this->report->fewest->bound,
                'count' => count($this->report->fewest->chosen),
            ]);
    }

    /** @return list<array{answer: string, move: string, sides: int, gain: string, percent: string, covered: string}> */
    public function steps(): array
    {
        $covered = 0.0;
        $steps = [];
        foreach ($this->report->fewest->chosen as $step) {
            $covered += $step['gain'];
            $steps[] = [
                'answer' => $step['candidate']->answer,
                'move' => __('fewest.moves.'.$step['candidate']->move, ['rank' => $this->rank]),
                'sides' => count($step['candidate']->cells),
                'gain' => $this->percent($step['gain']),
                'percent' => $this->percent($covered),
                'covered' => number_format($covered, 4),
            ];
        }

        return $steps;
    }

    public function percent(float $share): string
    {
        return number_format(100 * $share, 1);
    }
}
