<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use StoneDrill\Core\Curriculum\Credits;
use StoneDrill\Core\Curriculum\ProofStandard;
use StoneDrill\Core\Curriculum\TestStandard;

/** The figures that a school may set for what counts as proven. */
final readonly class ProofRules
{
    /** Raised whenever another proof is read out of the same reps: what is kept of them is then worked out anew. */
    public const VERSION = 1;

    private const DAY = 86_400;

    /** Chance with which the true ability lies below the lower bound. */
    public const TAIL = 0.1;

    /** Lower bound from which an attack is held. */
    public const HOLDS_FROM = 0.6;

    /** Upper bound below which it fails. */
    public const FAILS_BELOW = 0.5;

    /**
     * @param positive-int $window   how many of the latest counted reps are read
     * @param float        $halfLife days after which a rep weighs half
     * @param array{full: float, half: float, none: float} $untried weights of each credit before the first try
     */
    public function __construct(
        public int $window = ProofStandard::LATEST,
        public float $halfLife = ProofStandard::HALF_LIFE,
        public Credits $credits = new Credits(),
        public array $untried = TestStandard::UNTRIED,
    ) {}

    /** What a try counts for, from 0 to 1; null where it does not count. */
    public function credit(Outcome $outcome, ?Touched $touched = null): ?float
    {
        return match ($outcome) {
            Outcome::Clean => 1.0,
            Outcome::Scraped => in_array($touched, [Touched::Body, Touched::Head], true)
                ? $this->credits->body
                : $this->credits->arm,
            Outcome::Recovered => $this->credits->recovered,
            Outcome::Late, Outcome::Hit, Outcome::Froze => 0.0,
            Outcome::Stopped => null,
        };
    }

    /**
     * What a rep weighs by its age.
     *
     * @param int $then when it was, and $at when it is read, in seconds since 1970
     */
    public function weight(int $then, int $at): float
    {
        return 2 ** (-intdiv($at - $then, self::DAY) / $this->halfLife);
    }

    public static function of(ProofStandard $standard): self
    {
        return new self(
            max(1, $standard->latest),
            $standard->halfLife,
            $standard->credits,
            $standard->test->untried,
        );
    }

    /**
     * A number that is another one whenever other figures, or another version of the rules, would keep something else;
     * what is thought of what was never tried is not kept.
     *
     * @return int the version itself by the usual figures
     */
    public function mark(): int
    {
        if ($this == new self(untried: $this->untried)) {
            return self::VERSION;
        }
        $credits = $this->credits->isUsual() ? '' : ' '.implode(' ', (array) $this->credits);

        return crc32(self::VERSION." {$this->window} {$this->halfLife}{$credits}") >> 1;
    }
}
