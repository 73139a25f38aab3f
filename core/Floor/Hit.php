<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Strike;
use StoneDrill\Core\Technique\Target;

/** One strike of the defender's, from where both stand. Planning estimates. */
final readonly class Hit
{
    public function __construct(
        public Limb $limb,
        public Strike $strike,
        public Target $target,
        public Measure $measure,
        public Aim $aim,
    ) {}

    /** Whether it gets to where it is meant; one without a margin always does. */
    public function reaches(): bool
    {
        return $this->measure->reaches();
    }

    /** What strikes, such as `left hand punch` or `right elbow`. */
    public function weapon(): string
    {
        return $this->strike->isItsOwnLimb() ? $this->limb->value : $this->limb->value.' '.$this->strike->value;
    }

    /** The margin in whole centimetres. */
    public function centimetres(): ?int
    {
        return $this->measure->centimetres();
    }
}
