<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Text;

/** How much a figure may be short and still be close. */
final readonly class Tolerance
{
    /** Degrees, for facing and arcs. */
    private const DEGREES = 10.0;

    private function __construct(private float $most, private bool $isAngle) {}

    /** @param float $metres that the school minds no more than this */
    public static function metres(float $metres): self
    {
        return new self($metres, false);
    }

    public static function degrees(): self
    {
        return new self(self::DEGREES, true);
    }

    /** @param float $short how much is missing, above 0 */
    public function isClose(float $short): bool
    {
        return $short <= $this->most + 1e-9;
    }

    public function text(): Text
    {
        return $this->isAngle
            ? Text::of('checks.within-degrees', ['degrees' => (int) $this->most])
            : Text::of('checks.within-cm', ['cm' => (int) round(100 * $this->most)]);
    }
}
