<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Rank;

/** How much of a stone is proven under pressure. */
interface ProofOverlay
{
    /** 0 to 1; null where nobody was asked. */
    public function share(Cell $cell, Rank $rank): ?float;

    /** The same in words. */
    public function text(Cell $cell, Rank $rank): string;
}
