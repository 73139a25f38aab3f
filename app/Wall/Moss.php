<?php

declare(strict_types=1);

namespace App\Wall;

use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Coverage\Cell;

/** How much of a stone is proven under pressure. */
interface Moss
{
    /** 0 to 1; null where nobody was asked. */
    public function share(Cell $cell, Rank $rank): ?float;

    /** The same in words. */
    public function says(Cell $cell, Rank $rank): string;
}
