<?php

declare(strict_types=1);

namespace App\View\Drill;

use StoneDrill\Core\Proof\Outcome;

/** How the button of an outcome looks, and which key presses it. */
final class OutcomeButton
{
    public static function tone(Outcome $outcome): string
    {
        return match ($outcome) {
            Outcome::Clean => 'good',
            Outcome::Scraped, Outcome::Recovered => 'half',
            Outcome::Late, Outcome::Hit, Outcome::Froze => 'none',
            Outcome::Stopped => '',
        };
    }

    public static function key(Outcome $outcome): string
    {
        return $outcome === Outcome::Stopped ? 'x' : $outcome->value[0];
    }
}
