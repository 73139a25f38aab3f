<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use DomainException;

/** The statures of two bodies. */
final readonly class Bodies
{
    /** Share of a stature by which the body's surface lies before its axis. */
    public const SURFACE = 0.06;

    /** Share of a stature that leaning the trunk by 15° brings a hand forward: .288 · sin 15°. */
    public const LEAN = 0.288 * 0.25881904510252074;

    /** Metres by which one body is a built-in size above or below the other: the least step between two of them. */
    public const SIZE = 0.16;

    /**
     * @param float $defender metres
     * @param float $attacker metres
     *
     * @throws DomainException when a stature is not above 0
     */
    public function __construct(public float $defender, public float $attacker)
    {
        if ($defender <= 0 || $attacker <= 0) {
            throw new DomainException('A stature is above 0 m.');
        }
    }

    /** Least distance of the axes of two bodies that stand. */
    public function least(): float
    {
        return self::SURFACE * ($this->defender + $this->attacker);
    }

    public function swapped(): self
    {
        return new self($this->attacker, $this->defender);
    }
}
