<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Proof\Evidence;

/** A cell that can be drawn for a student, and how much it is wanted. */
final readonly class Ticket
{
    /**
     * @param Evidence $evidence of the rung that is drilled
     * @param ?int     $days     whole days since the last try, null for none
     */
    public function __construct(public Cell $cell, private Evidence $evidence, public ?int $days) {}

    /** Prevalence × what is not proven × how long ago. */
    public function weight(): float
    {
        return $this->most() * (1 - $this->evidence->lower());
    }

    /** What it would weigh were nothing proven, which is never less than it does. */
    public function most(): float
    {
        return $this->cell->attack->prevalence * $this->urgency();
    }

    /** How long ago it was tried: 1 today, 3 from four weeks on and where it never was. */
    public function urgency(): float
    {
        return $this->days === null ? 3.0 : min(3.0, 1 + $this->days / 14);
    }
}
