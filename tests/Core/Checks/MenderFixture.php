<?php

declare(strict_types=1);

namespace Tests\Core\Checks;

use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Checks\Examiner;
use StoneDrill\Core\Checks\Finding;
use StoneDrill\Core\Checks\Mender;
use Tests\Core\Floor\OnTheFloor;

/** What the tests of Mender share. */
final class MenderFixture
{
    /** The beats after the first mend of a check's first finding, null where none is offered. */
    public static function mended(
        string $check,
        string $kind,
        array $values,
        string $beats,
        Side $side = Side::Written,
    ): ?string {
        $examination = OnTheFloor::examine($kind, $values, $beats);
        $examiner = new Examiner($examination->trial->standards);
        if ($side === Side::Mirrored) {
            $examination = $examiner->examine(
                $examination->trial->answer,
                $examination->trial->attack,
                $side,
                $examination->trial->bodies,
            );
        }
        $findings = array_values(
            array_filter(
                $examination->findings,
                static fn (Finding $finding): bool => $finding->check->value === $check,
            ),
        );

        return (new Mender($examiner))->mend($examination, $findings[0], $side)?->beats->toText();
    }
}
