<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Drill\HiddenMoment;

/** What is tried against a partner, at which rung. */
final readonly class Practice
{
    /** Seconds from “go” to the attack where the moment is told. */
    private const CALLED = 3.0;

    /**
     * @param ?Rung $rung    of most who are there; null where nobody is, and for full pace with the moment told
     * @param float $seconds that an answer takes at full pace
     * @param bool  $hurts   whether it can hurt somebody: then those under 16 work by themselves
     */
    public function __construct(public ?Rung $rung, public float $seconds, public bool $hurts = true) {}

    /**
     * @param list<Rung> $rungs   at which each of those who are there practises
     * @param float      $seconds that an answer takes at full pace
     * @param bool       $hurts   whether it can hurt somebody
     */
    public static function of(array $rungs, float $seconds, bool $hurts): self
    {
        $count = array_count_values(array_column($rungs, 'id'));
        arsort($count);

        return new self(array_column($rungs, null, 'id')[array_key_first($count)] ?? null, $seconds, $hurts);
    }

    /**
     * Seconds from one try to the next: until the attack comes, then the answer at the pace of the rung.
     *
     * @param float $between seconds between an answer and the next call
     */
    public function try(float $between): float
    {
        return ($this->rung->momentTold ?? true ? self::CALLED : HiddenMoment::usual())
            + $this->seconds / ($this->rung->pace ?? 1.0)
            + $between;
    }
}
