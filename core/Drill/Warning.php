<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

use StoneDrill\Core\Checks\Timing;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Technique\Beats;

/** Whether there is time to react to a cell in a draw at a rung, and from how far it must be seen coming. Estimates. */
final readonly class Warning
{
    /**
     * @param float  $reaction seconds before the body begins to move
     * @param ?float $spare    seconds left when the first beat is done; null for what does not come over a distance
     * @param ?float $distance metres farther away from which it must be seen coming; null there too
     */
    private function __construct(public float $reaction, public ?float $spare, public ?float $distance) {}

    /**
     * @param ?Beats $beats of the answer; null where none is meant
     * @param float  $bits  entropy of the draw
     */
    public static function of(Cell $cell, ?Beats $beats, Reaction $reaction, Rung $rung, float $bits): self
    {
        $arrival = Timing::arrival($cell->attack->kind, $cell->facets);
        $spare = $arrival === null || $beats === null
            ? null
            : Timing::spare($arrival, $reaction, $bits, $beats->line[0]->seconds(), $rung);

        return new self(
            $reaction->seconds($bits, $rung),
            $spare,
            $spare === null ? null : Timing::warning($spare, $rung),
        );
    }
}
