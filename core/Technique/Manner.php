<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

use StoneDrill\Core\Geometry\Bearing;

/** How an action is done: how far, how often, and with what before it. */
final readonly class Manner
{
    /** Seconds that jumping or spinning adds to a strike. */
    private const PREFIX_SECONDS = 0.25;

    /**
     * @param ?Size    $size   null for the usual length, or as far as the beat needs
     * @param ?Bearing $facing which way the defender faces through it; null where the feet and the strikes turn
     */
    public function __construct(
        public ?Size $size = null,
        public int $count = 1,
        public bool $jumping = false,
        public bool $spinning = false,
        public ?Bearing $facing = null,
    ) {}

    public function withSize(?Size $size): self
    {
        return new self($size, $this->count, $this->jumping, $this->spinning, $this->facing);
    }

    public function mirror(): self
    {
        return new self($this->size, $this->count, $this->jumping, $this->spinning, $this->facing?->mirror());
    }

    /** Seconds that all repeats take of something that takes so long once. */
    public function seconds(float $once): float
    {
        return ($once + self::PREFIX_SECONDS * ((int) $this->jumping + (int) $this->spinning)) * $this->count;
    }
}
