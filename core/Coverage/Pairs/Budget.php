<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

/** How long rows are made fewer: a time, or so many steps, with which the same seed gives the same rows anywhere. */
final readonly class Budget
{
    private function __construct(private ?float $seconds, private ?int $steps) {}

    /** Until so many seconds after the search began. */
    public static function seconds(float $seconds): self
    {
        return new self($seconds, null);
    }

    /** So many exchanges of one value for another. */
    public static function steps(int $steps): self
    {
        return new self(null, $steps);
    }

    /**
     * @param int $steps that were made
     * @param int $began nanoseconds on the clock of hrtime()
     */
    public function isSpent(int $steps, int $began): bool
    {
        return $this->steps === null ? (hrtime(true) - $began) / 1e9 >= $this->seconds : $steps >= $this->steps;
    }
}
