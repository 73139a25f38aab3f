<?php

declare(strict_types=1);

namespace StoneDrill\Core\Technique;

/** How far a movement goes, against its usual length: half, half as much again, or in metres. */
final readonly class Size
{
    private function __construct(public ?float $factor, public ?float $metres) {}

    public static function short(): self
    {
        return new self(0.5, null);
    }

    public static function long(): self
    {
        return new self(1.5, null);
    }

    /** @param float $metres above 0, at most 3 */
    public static function metres(float $metres): self
    {
        return new self(null, $metres);
    }

    /** The length in metres of a movement that usually has this one. */
    public function of(float $usual): float
    {
        return $this->metres ?? $usual * (float) $this->factor;
    }

    /** As the notation writes it. */
    public function toText(): string
    {
        return match ($this->factor) {
            0.5 => 'short',
            1.5 => 'long',
            default => $this->metres.' m',
        };
    }
}
