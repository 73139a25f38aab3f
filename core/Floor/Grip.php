<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** What one hand of the defender's has taken and keeps. */
final readonly class Grip
{
    /**
     * @param ?Hand $arm     the arm of the attacker's that it is on, null where it is on no arm
     * @param ?Hand $leg     the leg of the attacker's that it is on
     * @param float $takenAt metres between the axes when it was taken
     */
    public function __construct(
        public Verb $verb,
        public ?Target $target,
        public ?Hand $arm,
        public ?Hand $leg,
        public float $takenAt,
    ) {}

    /** Whether both hands have the same: one of them can let go. */
    public function isWith(self $other): bool
    {
        return $this->target === $other->target && $this->arm === $other->arm && $this->leg === $other->leg;
    }
}
