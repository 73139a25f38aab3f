<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/**
 * What is known of a share of clean tries, of which the true one lies between `low` and `high` with a chance of eight
 * in ten.
 */
final readonly class Share
{
    /** Chance with which the true share lies below the interval, and above it. */
    private const TAIL = 0.1;

    /** The same in standard deviations of a normal distribution. */
    private const DEVIATIONS = 1.2815515655446004;

    public float $mean;

    private float $variance;

    /**
     * @param float $success weight of success, the prior's with it; above 0
     * @param float $failure weight of failure
     */
    public function __construct(private float $success, private float $failure)
    {
        $all = $success + $failure;
        $this->mean = $success / $all;
        $this->variance = ($success * $failure) / ($all ** 2 * ($all + 1));
    }

    public function low(): float
    {
        return (new BetaDistribution($this->success, $this->failure))->quantile(self::TAIL);
    }

    public function high(): float
    {
        return (new BetaDistribution($this->success, $this->failure))->quantile(1 - self::TAIL);
    }

    /**
     * How much larger it is than another one, where that is sure with eight in ten (by the normal distribution); 0
     * where it is not.
     */
    public function above(self $other): float
    {
        $by = $this->mean - $other->mean;

        return abs($by) > self::DEVIATIONS * sqrt($this->variance + $other->variance) ? $by : 0.0;
    }
}
