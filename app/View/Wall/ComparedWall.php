<?php

declare(strict_types=1);

namespace App\View\Wall;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;

/** A wall that the one shown is compared with. */
final readonly class ComparedWall
{
    /** @var array<string, Cell> by the cell's key */
    private array $cells;

    /** @param ?ProofOverlay $moss what was proven then, where that is compared too */
    public function __construct(Coverage $coverage, public ?ProofOverlay $moss = null)
    {
        $cells = [];
        foreach ($coverage->cells as $cell) {
            $cells[$cell->key->text] = $cell;
        }
        $this->cells = $cells;
    }

    /** The cell as it was; null where the attack was not in the catalogue. */
    public function cell(Cell $now): ?Cell
    {
        return $this->cells[$now->key->text] ?? null;
    }
}
