<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

/** What teaching an answer tonight is worth to one student, and why. */
final readonly class Worth
{
    /** What an answer counts for that was never tried, beside one that is tried and not held. */
    public const NEVER_TRIED = 1.5;

    /** What it counts for at least, of which no basic is known. */
    public const UNKNOWN_BASICS = 0.5;

    /**
     * @param int   $prevalence of the attack it was written for
     * @param bool  $isUntried  whether the student has never tried it
     * @param float $known      share of its basics that the student's rank knows from other answers
     */
    public function __construct(public int $prevalence, public bool $isUntried, public float $known) {}

    public function value(): float
    {
        return $this->prevalence
            * ($this->isUntried ? self::NEVER_TRIED : 1.0)
            * (self::UNKNOWN_BASICS + (1 - self::UNKNOWN_BASICS) * $this->known);
    }
}
