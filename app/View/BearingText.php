<?php

declare(strict_types=1);

namespace App\View;

use StoneDrill\Core\Geometry\Bearing;
use StoneDrill\Core\Geometry\BearingStyle;

/** Where something comes from, as a school says it: “3 o’clock”, “90°”, “right”. */
final class BearingText
{
    public static function of(Bearing $bearing, BearingStyle $style): string
    {
        return $style === BearingStyle::Clock
            ? __('words.o-clock', ['hour' => $bearing->toClock()])
            : say($bearing->spell($style));
    }

    /**
     * What stands at an hour of a ring: with words every third one, since more have no room.
     *
     * @param int $hour 1 to 12
     */
    public static function onRing(int $hour, BearingStyle $style): string
    {
        return $style === BearingStyle::Directions && $hour % 3 !== 0 ? '' : say(Bearing::hour($hour)->spell($style));
    }

    /** Where it comes from after “from” in the line that says an attack. */
    public static function from(Bearing $bearing, BearingStyle $style): string
    {
        return match ($style) {
            BearingStyle::Clock => $bearing->toClock(),
            BearingStyle::Degrees => self::of($bearing, $style),
            BearingStyle::Directions => __('directions.the', ['direction' => self::of($bearing, $style)]),
        };
    }
}
