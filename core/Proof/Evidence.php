<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

/**
 * What counted reps weigh for one rung: the weights of success and of failure, Jeffreys' prior of a half each left out.
 */
final class Evidence
{
    private const PRIOR = 0.5;

    /** Without any failure 2.3761 of success hold, and nothing of less does. */
    public const LEAST_TO_HOLD = 2.37;

    /**
     * By how much failure may grow with what success exceeds that: how much of it still holds is convex, so up to a
     * dozen tries it lies below the chord, whose slope is .4033, and everywhere below its slope in the end, which is ⅔.
     */
    private const DOZEN = 12.0;
    private const FAILURE_OF_A_DOZEN = 0.41;
    private const FAILURE_OF_MORE = 2 / 3;

    /** The lower bound, once it was asked for. */
    private ?float $lower = null;

    public function __construct(private readonly float $success, private readonly float $failure) {}

    /**
     * What tries weigh for a rung: success counts there and below, failure there and above.
     *
     * @param list<array{int, int, float}> $tries seconds since 1970, rung, credit; none after the moment
     * @param int                          $at    seconds since 1970
     */
    public static function of(array $tries, int $rung, int $at, ProofRules $rules): self
    {
        return self::ofWeighed(self::weighed($tries, $at, $rules), $rung);
    }

    /**
     * What tries weigh at a moment, for whichever rung.
     *
     * @param list<array{int, int, float}> $tries seconds since 1970, rung, credit; none after the moment
     * @param int                          $at    seconds since 1970
     *
     * @return list<array{int, float, float}> rung, success, failure
     */
    public static function weighed(array $tries, int $at, ProofRules $rules): array
    {
        $weighed = [];
        foreach ($tries as [$then, $rung, $credit]) {
            $weight = $rules->weight($then, $at);
            $weighed[] = [$rung, $weight * $credit, $weight * (1 - $credit)];
        }

        return $weighed;
    }

    /** @param list<array{int, float, float}> $weighed as {@see weighed()} has them */
    public static function ofWeighed(array $weighed, int $rung): self
    {
        $success = $failure = 0.0;
        foreach ($weighed as [$of, $succeeded, $failed]) {
            $success += $of >= $rung ? $succeeded : 0.0;
            $failure += $of <= $rung ? $failed : 0.0;
        }

        return new self($success, $failure);
    }

    /** The same with some more of success and of failure. */
    public function with(float $success, float $failure): self
    {
        return new self($this->success + $success, $this->failure + $failure);
    }

    public function equals(self $other): bool
    {
        return $this->success === $other->success && $this->failure === $other->failure;
    }

    /** The mean of what is known of the ability. */
    public function mean(): float
    {
        return (self::PRIOR + $this->success) / (2 * self::PRIOR + $this->weight());
    }

    public function weight(): float
    {
        return $this->success + $this->failure;
    }

    /** The 10 % quantile: the ability that is exceeded with a chance of nine in ten. */
    public function lower(): float
    {
        // Of no tries it has a closed form: the prior is the arcsine distribution.
        return $this->lower ??=
            $this->weight() === 0.0
                ? sin((ProofRules::TAIL * M_PI) / 2) ** 2
                : $this->distribution()->quantile(ProofRules::TAIL);
    }

    /** Whether the lower bound reaches what counts as held. Asks the distribution there, which spares its quantile. */
    public function holds(): bool
    {
        return $this->mayHold() && $this->distribution()->cdf(ProofRules::HOLDS_FROM) <= ProofRules::TAIL;
    }

    /** False where it is plain that it does not hold, without asking the distribution. */
    public function mayHold(): bool
    {
        $over = $this->success - self::LEAST_TO_HOLD;

        return $over >= 0
            && $this->failure
                <= $over * ($this->success <= self::DOZEN ? self::FAILURE_OF_A_DOZEN : self::FAILURE_OF_MORE);
    }

    /** Whether even the 90 % quantile is below a half. */
    public function fails(): bool
    {
        return $this->mean() < ProofRules::FAILS_BELOW
            && $this->distribution()->cdf(ProofRules::FAILS_BELOW) > 1 - ProofRules::TAIL;
    }

    /**
     * The first whole number of days after which, with no more reps, it is no longer held.
     *
     * All weights fade by the same factor, so success and failure keep their ratio while the spread widens and the
     * bound sinks without turning: the day lies between today and the one on which there is too little success for
     * anything to hold, and is closed in on by false position (Illinois).
     *
     * @param float $halfLife days after which a rep weighs half
     *
     * @return int days, at least 1; only for evidence that holds
     */
    public function daysUntilFaded(float $halfLife): int
    {
        [$held, $faded] = [0, 1 + (int) floor($halfLife * log($this->success / self::LEAST_TO_HOLD, 2))];
        [$below, $above] = [$this->excess(), $this->after($faded, $halfLife)->excess()];
        $moved = null;
        while ($faded - $held > 1) {
            $day = max(
                $held + 1,
                min($faded - 1, $held + (int) round((($faded - $held) * $below) / ($below - $above))),
            );
            $excess = $this->after($day, $halfLife)->excess();
            // An end that stays twice weighs half, so that neither stays for long.
            $share = $moved === $excess > 0 ? 0.5 : 1.0;
            $moved = $excess > 0;
            [$held, $faded, $below, $above] = $moved
                ? [$held, $day, $below * $share, $excess]
                : [$day, $faded, $excess, $above * $share];
        }

        return $faded;
    }

    /**
     * By how much the chance of an ability below what counts as held is larger than may be: at most 0 where it is held.
     */
    private function excess(): float
    {
        return $this->distribution()->cdf(ProofRules::HOLDS_FROM) - ProofRules::TAIL;
    }

    private function after(int $days, float $halfLife): self
    {
        $fade = 2 ** (-$days / $halfLife);

        return new self($this->success * $fade, $this->failure * $fade);
    }

    private function distribution(): BetaDistribution
    {
        return new BetaDistribution(self::PRIOR + $this->success, self::PRIOR + $this->failure);
    }
}
