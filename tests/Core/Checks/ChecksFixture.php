<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use StoneDrill\Core\Checks\Checks;
use StoneDrill\Core\Checks\Finding;
use Tests\Core\Floor\OnTheFloor;

/** What the tests of Checks share. */
final class ChecksFixture
{
    /** @return list<string> beats at which a check finds something */
    public static function found(string $check, string $kind, array $values, string $beats, array $with = []): array
    {
        $findings = array_filter(
            OnTheFloor::examine($kind, $values, $beats, $with)->findings,
            static fn (Finding $finding): bool => $finding->check->value === $check,
        );

        return array_values(array_map(static fn (Finding $finding): string => $finding->beat, $findings));
    }
}
