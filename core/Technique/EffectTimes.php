<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/**
 * How long a school reckons that effects last, in seconds, counted from the end of the beat that made them: planning
 * estimates.
 */
final readonly class EffectTimes
{
    /** Between which a school may set them. */
    public const MIN = 0.1;
    public const MAX = 30.0;

    public function __construct(
        public float $folded = 1.5,
        public float $turned = 1.0,
        public float $kneeling = 2.0,
        public float $dropped = 3.0,
    ) {}

    /** Null for what stays, and for what is over at once. */
    public function of(Effect $effect): ?float
    {
        return match ($effect) {
            Effect::Folded => $this->folded,
            Effect::Turned => $this->turned,
            Effect::Kneeling => $this->kneeling,
            Effect::Dropped => $this->dropped,
            default => null,
        };
    }

    public function isUsual(): bool
    {
        return $this == new self();
    }
}
