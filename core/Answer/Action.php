<?php

declare(strict_types=1);

namespace StoneDrill\Core\Answer;

use StoneDrill\Core\Floor\Bearing;

/** One thing that one limb, or the whole body, does in a beat. */
final readonly class Action
{
    /** Seconds that jumping or spinning adds to a strike. */
    private const PREFIX = 0.25;

    /**
     * @param ?Limb        $limb    null where the whole body moves, or nothing does
     * @param list<Target> $targets none, one, or two of which the first exposed and reached is meant
     * @param ?string      $words   what is said
     * @param ?float       $seconds how long is waited
     */
    public function __construct(
        public ?Limb $limb,
        public Strike|Verb $deed,
        public array $targets = [],
        public ?Bearing $bearing = null,
        public ?Size $size = null,
        public int $count = 1,
        public bool $jumping = false,
        public bool $spinning = false,
        public ?Toward $toward = null,
        public ?string $words = null,
        public ?float $seconds = null,
    ) {}

    public function withLimb(Limb $limb): self
    {
        return new self($limb, $this->deed, $this->targets, $this->bearing, $this->size, $this->count, $this->jumping, $this->spinning, $this->toward, $this->words, $this->seconds);
    }

    public function withSize(?Size $size): self
    {
        return new self($this->limb, $this->deed, $this->targets, $this->bearing, $size, $this->count, $this->jumping, $this->spinning, $this->toward, $this->words, $this->seconds);
    }

    public function withToward(Toward $toward): self
    {
        return new self($this->limb, $this->deed, $this->targets, $this->bearing, $this->size, $this->count, $this->jumping, $this->spinning, $toward, $this->words, $this->seconds);
    }

    /** Seconds it takes at full pace, repeats included. */
    public function seconds(): float
    {
        if ($this->seconds !== null) {
            return $this->seconds;
        }

        return ($this->deed->seconds() + self::PREFIX * ((int) $this->jumping + (int) $this->spinning)) * $this->count;
    }

    public function isStrike(): bool
    {
        return $this->deed instanceof Strike;
    }

    /** Whether it is this verb. */
    public function is(Verb $verb): bool
    {
        return $this->deed === $verb;
    }

    /** Left and right swapped and the bearing reflected; `free hand` stays free to choose. */
    public function mirror(): self
    {
        return new self(
            $this->limb?->mirror(),
            $this->deed,
            $this->targets,
            $this->bearing?->mirror(),
            $this->size,
            $this->count,
            $this->jumping,
            $this->spinning,
            $this->toward,
            $this->words,
            $this->seconds,
        );
    }
}
