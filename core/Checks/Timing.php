<?php

declare(strict_types=1);

namespace StoneDrill\Core\Checks;

use StoneDrill\Core\Attack\Entry;
use StoneDrill\Core\Attack\Facets;
use StoneDrill\Core\Attack\Family;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Attack\Phase;
use StoneDrill\Core\Curriculum\Reaction;
use StoneDrill\Core\Curriculum\Rung;

/** Whether there is time to react. Seconds; planning estimates. */
final class Timing
{
    /** Metres a second that somebody closes in with. */
    private const CLOSING = 2.5;

    /** From an attack's first sign to its arrival, at full pace; null where it has arrived, or does not come. */
    public static function arrival(Kind $kind, Facets $facets): ?float
    {
        if ($facets->phase !== Phase::Reaching) {
            return null;
        }
        if ($kind->start->isHold()) {
            return match ($kind->family) {
                Family::Choke, Family::Hug => 0.6,
                Family::Head, Family::Takedown => 0.7,
                default => 0.5,
            };
        }
        $arrival = $kind->blow()?->arrival();

        return $arrival === null
            ? null
            : $arrival
                    + match ($facets->entry) {
                        Entry::Stand => -0.15,
                        Entry::Step => 0.0,
                        Entry::Through => 0.2,
                    };
    }

    /**
     * What is left when the first beat is done: arrival − reaction − first beat; below 0 it comes too late.
     *
     * @param float $bits  entropy of the draw actually used
     * @param float $first seconds of the first beat at full pace
     */
    public static function spare(float $arrival, Reaction $reaction, float $bits, float $first, ?Rung $rung): float
    {
        return ($arrival - $first) / ($rung->pace ?? 1.0) - $reaction->seconds($bits, $rung);
    }

    /** Metres farther away from which it must be seen coming. */
    public static function warning(float $spare, ?Rung $rung): float
    {
        return max(0.0, -$spare) * self::CLOSING * ($rung->pace ?? 1.0);
    }
}
