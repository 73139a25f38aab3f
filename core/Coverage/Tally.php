<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/**
 * What is known of the cells that share something: how many there are, how much of their need is laid, how many holes.
 */
final readonly class Tally
{
    /**
     * @param int   $cells  sides of attacks
     * @param float $needed weight of those that a rank needs
     * @param float $laid   weight of those that are laid by the rank that needs them
     * @param float $taught weight of those to which something is taught by then, whether it works or not
     * @param int   $holes  holes of every kind in them
     */
    public function __construct(
        public int $cells = 0,
        public float $needed = 0.0,
        public float $laid = 0.0,
        public float $taught = 0.0,
        public int $holes = 0,
    ) {}

    /** @param array<string, int> $order position by id of the rank */
    public function with(Cell $cell, array $order, int $holes): self
    {
        $needed = $cell->attack->need->rank === null ? 0.0 : $cell->weight();

        return new self(
            $this->cells + 1,
            $this->needed + $needed,
            $this->laid + ($cell->isInTime($order) ? $needed : 0.0),
            $this->taught + ($cell->isTaughtInTime($order) ? $needed : 0.0),
            $this->holes + $holes,
        );
    }

    /** Share of what is needed that is laid in time, 0 to 1; null when nothing is needed. */
    public function share(): ?float
    {
        return $this->needed > 0.0 ? $this->laid / $this->needed : null;
    }

    /** Share of it to which something is taught in time; null when nothing is needed. */
    public function taughtShare(): ?float
    {
        return $this->needed > 0.0 ? $this->taught / $this->needed : null;
    }
}
