<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/** How some counted tries went: how many had full, half and no credit, and what they weigh by their age. */
final readonly class Tally
{
    /** Fewer counted tries than this say nothing that is shown. */
    public const LEAST = 8;

    private function __construct(
        public int $full,
        public int $half,
        public int $none,
        public float $success,
        public float $failure,
    ) {}

    /**
     * @param list<Rep> $reps  counted ones, none after the moment
     * @param int       $at    seconds since 1970
     */
    public static function of(array $reps, int $at, ProofRules $rules): self
    {
        $counts = [0, 0, 0];
        $success = $failure = 0.0;
        foreach ($reps as $rep) {
            $credit = $rules->credit($rep->outcome, $rep->details->touched) ?? 0.0;
            $counts[$credit >= 1.0 ? 0 : ($credit > 0.0 ? 1 : 2)]++;
            $weight = $rules->weight($rep->at->getTimestamp(), $at);
            $success += $weight * $credit;
            $failure += $weight * (1 - $credit);
        }

        return new self($counts[0], $counts[1], $counts[2], $success, $failure);
    }

    public function count(): int
    {
        return $this->full + $this->half + $this->none;
    }

    public function weight(): float
    {
        return $this->success + $this->failure;
    }

    public function isEnough(): bool
    {
        return $this->count() >= self::LEAST;
    }
}
