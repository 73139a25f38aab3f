<?php

declare(strict_types=1);

namespace StoneDrill\Core\Geometry;

use InvalidArgumentException;

/** A bearing that cannot be read. */
final class BearingException extends InvalidArgumentException
{
    public static function notOnTheClock(string $time): self
    {
        return new self("{$time} is not on the clock.");
    }

    public static function tooFine(float $degrees): self
    {
        return new self("{$degrees} is finer than half a degree.");
    }
}
