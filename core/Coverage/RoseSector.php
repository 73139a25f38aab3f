<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

/** What comes from one direction, as far as one ring of a rose goes. */
final readonly class RoseSector
{
    /**
     * @param float $needed  weight of what is needed
     * @param float $taught  weight of what something is taught to
     * @param float $covered weight of what is covered, or held
     */
    public function __construct(public float $needed = 0.0, public float $taught = 0.0, public float $covered = 0.0) {}

    public function and(float $weight, bool $isTaught, bool $isCovered): self
    {
        return new self(
            $this->needed + $weight,
            $this->taught + ($isTaught ? $weight : 0.0),
            $this->covered + ($isCovered ? $weight : 0.0),
        );
    }

    /** 0 to 1; null where nothing is needed. */
    public function share(): ?float
    {
        return $this->needed < 1e-9 ? null : $this->covered / $this->needed;
    }

    /** Whether something is taught that does not come to anything. */
    public function isCracked(): bool
    {
        return $this->taught > $this->covered + 1e-9;
    }
}
