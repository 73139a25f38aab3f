<?php

declare(strict_types=1);

namespace StoneDrill\Core\Drill;

/** When an attack comes whose moment is hidden. */
final class HiddenMoment
{
    private const MIN = 1.5;
    private const MEAN = 3.0;
    private const CUT = 2.5;

    /**
     * Seconds to wait: an exponential spread, cut off, after a least time. For as long as it lasts, waiting longer
     * tells nothing of when it comes.
     *
     * @param float $chance drawn evenly from 0 up to 1
     */
    public static function wait(float $chance): float
    {
        return self::MIN - self::MEAN * log(1 - $chance * (1 - exp(-self::CUT)));
    }

    /** Seconds that it takes on average: the mean of that spread. */
    public static function usual(): float
    {
        return self::MIN + self::MEAN * (1 - (self::CUT * exp(-self::CUT)) / (1 - exp(-self::CUT)));
    }
}
