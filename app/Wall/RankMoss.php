<?php

declare(strict_types=1);

namespace App\Wall;

use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\ProvenShare;

/** The share of the students of exactly a rank that hold a cell at the rank's goal rung. */
final readonly class RankMoss implements Moss
{
    public function __construct(private ProvenShare $proof) {}

    public function share(Cell $cell, Rank $rank): ?float
    {
        return $this->proof->share($rank->id, $cell->attack->id, $cell->side)[0] ?? null;
    }

    public function says(Cell $cell, Rank $rank): string
    {
        $asked = $this->proof->students($rank->id);

        return $asked === 0 ? '' : sprintf('%d of %d %s students hold it at rung %d.', $this->proof->held($rank->id, $cell->attack->id, $cell->side), $asked, $rank->name, $rank->goalRung);
    }
}
