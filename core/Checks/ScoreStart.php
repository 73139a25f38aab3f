<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

/** What happens between the first sign of an attack and its arrival. Seconds; planning estimates. */
final readonly class ScoreStart
{
    /**
     * @param float $reaction until the body begins to move
     * @param float $first    that the first beat takes
     * @param float $arrival  from the first sign
     */
    public function __construct(public float $reaction, public float $first, public float $arrival) {}

    /** What is left when the first beat is done; below 0 it comes too late. */
    public function spare(): float
    {
        return $this->arrival - $this->reaction - $this->first;
    }
}
