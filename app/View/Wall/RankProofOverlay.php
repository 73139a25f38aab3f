<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Curriculum\Rank;

/** The share of the students of exactly a rank that hold a cell at the rank's goal rung. */
final readonly class RankProofOverlay implements ProofOverlay
{
    public function __construct(private ProvenShare $proof) {}

    public function share(Cell $cell, Rank $rank): ?float
    {
        return $this->proof->share($rank->id, $cell->attack->id, $cell->side)[0] ?? null;
    }

    public function text(Cell $cell, Rank $rank): string
    {
        $asked = $this->proof->students($rank->id);

        return $asked === 0
            ? ''
            : __('wall.proof.rank', [
                'held' => $this->proof->held($rank->id, $cell->attack->id, $cell->side),
                'all' => $asked,
                'rank' => $rank->name,
                'rung' => $rank->goalRung,
            ]);
    }
}
