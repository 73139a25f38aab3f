<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

use StoneDrill\Core\Geometry\Bearing;

/** One thing that one limb, or the whole body, does in a beat. */
final readonly class Action
{
    /**
     * @param ?Limb        $limb    null where the whole body moves, or nothing does
     * @param list<Target> $targets none, one, or two of which the first exposed and reached is meant
     * @param ?string      $words   what is said
     * @param ?float       $seconds how long is waited
     */
    public function __construct(
        public ?Limb $limb,
        public Strike|Verb $verb,
        public array $targets = [],
        public ?Bearing $bearing = null,
        public Manner $manner = new Manner(),
        public ?Toward $toward = null,
        public ?string $words = null,
        public ?float $seconds = null,
    ) {}

    public function withLimb(Limb $limb): self
    {
        return new self(
            $limb,
            $this->verb,
            $this->targets,
            $this->bearing,
            $this->manner,
            $this->toward,
            $this->words,
            $this->seconds,
        );
    }

    public function withSize(?Size $size): self
    {
        return new self(
            $this->limb,
            $this->verb,
            $this->targets,
            $this->bearing,
            $this->manner->withSize($size),
            $this->toward,
            $this->words,
            $this->seconds,
        );
    }

    public function withToward(Toward $toward): self
    {
        return new self(
            $this->limb,
            $this->verb,
            $this->targets,
            $this->bearing,
            $this->manner,
            $toward,
            $this->words,
            $this->seconds,
        );
    }

    /** Seconds it takes at full pace, repeats included. */
    public function seconds(): float
    {
        return $this->seconds ?? $this->manner->seconds($this->verb->seconds());
    }

    /** Whether it is a movement that goes as far as its beat needs, since no length is written. */
    public function isElastic(): bool
    {
        return $this->verb instanceof Verb && $this->verb->isElastic() && $this->manner->size === null;
    }

    public function isStrike(): bool
    {
        return $this->verb instanceof Strike;
    }

    /** Whether it is this verb. */
    public function is(Verb $verb): bool
    {
        return $this->verb === $verb;
    }

    /** Left and right swapped and the bearing reflected; `free hand` stays free to choose. */
    public function mirror(): self
    {
        return new self(
            $this->limb?->mirror(),
            $this->verb,
            $this->targets,
            $this->bearing?->mirror(),
            $this->manner->mirror(),
            $this->toward?->mirror(),
            $this->words,
            $this->seconds,
        );
    }
}
