<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Floor\Frame;

/** What the tests of Simulation share. */
final class SimulationFixture
{
    public static function frames(
        string $kind,
        array $values,
        string $beats,
        float $defender = 1.68,
        float $attacker = 1.68,
    ): array {
        return array_column(OnTheFloor::run($kind, $values, $beats, $defender, $attacker)->frames, null, 'number');
    }

    public static function ends(string $beats, string $kind = 'wrist-cross', array $values = []): Frame
    {
        $frames = self::frames($kind, $values, $beats);

        return $frames[array_key_last($frames)];
    }
}
