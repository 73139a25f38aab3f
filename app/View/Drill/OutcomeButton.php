<?php

declare(strict_types=1);

namespace App\View\Drill;

use StoneDrill\Core\Proof\Outcome;

/** How the button of an outcome looks, and which key presses it. */
final class OutcomeButton
{
    public static function tone(Outcome $outcome): string
    {
        return match ($outcome->credit()) {
            1.0 => 'good',
            0.5 => 'half',
            0.0 => 'none',
            default => '',
        };
    }

    public static function key(Outcome $outcome): string
    {
        return $outcome === Outcome::Stopped ? 'x' : $outcome->value[0];
    }
}
