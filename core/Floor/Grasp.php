<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Limb;
use StoneDrill\Core\Technique\Target;
use StoneDrill\Core\Technique\Verb;

/** One control of the defender's on a target, from where both stand. Planning estimates. */
final readonly class Grasp
{
    /** @param bool $isGoneBack whether it would get there had the limb been left out that it is on */
    public function __construct(
        public Limb $limb,
        public Verb $verb,
        public Target $target,
        public Measure $measure,
        public bool $isGoneBack = false,
    ) {}

    public function reaches(): bool
    {
        return $this->measure->reaches();
    }

    /** What is done with what, such as `left hand clamp`. */
    public function weapon(): string
    {
        return $this->limb->value.' '.$this->verb->value;
    }
}
