<?php

declare(strict_types=1);

namespace App\Wall;

use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;

/** The wall that was asked for: its cells, its holes and its drawing. */
final readonly class Wall
{
    /** @param list<Cell> $cells those shown */
    public function __construct(public Catalogue $catalogue, public Coverage $coverage, public array $cells, public HoleList $holes, public WallPage $page, public WallPicture $picture) {}
}
