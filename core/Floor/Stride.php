<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Limb;

/** How far a movement went in a run. */
final readonly class Stride
{
    /**
     * @param ?Limb $limb   the foot; null where both moved
     * @param float $metres how far it went, once
     * @param float $factor its share of the usual length
     */
    public function __construct(public ?Limb $limb, public float $metres, public float $factor) {}

    public function isUsual(): bool
    {
        return $this->factor === 1.0;
    }

    public function centimetres(): int
    {
        return (int) round(100 * $this->metres);
    }
}
