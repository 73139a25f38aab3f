<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Floor\Hit;

/** What the tests of Margin share. */
final class MarginFixture
{
    public static function hit(
        string $beats,
        float $defender = 1.68,
        float $attacker = 1.68,
        string $kind = 'wrist-cross',
        array $values = [],
    ): Hit {
        $run = OnTheFloor::run($kind, $values, $beats, $defender, $attacker);
        $last = $run->mainLine[count($run->mainLine) - 1];

        return $last->hits[0];
    }
}
