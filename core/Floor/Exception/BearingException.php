<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor\Exception;

use InvalidArgumentException;

/** A bearing that cannot be read. */
final class BearingException extends InvalidArgumentException
{
    public static function notOnTheClock(string $time): self
    {
        return new self(sprintf('“%s” is not on the clock: write an hour from 1 to 12, or hour and minutes such as 10:30.', $time));
    }

    public static function tooFine(float $degrees): self
    {
        return new self(sprintf('%s° is finer than the half degree that bearings are kept to.', $degrees));
    }
}
