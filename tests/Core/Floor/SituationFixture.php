<?php

declare(strict_types=1);

namespace Tests\Core\Floor;

use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Attack\LimbState;
use StoneDrill\Core\Floor\Bodies;
use StoneDrill\Core\Floor\Situation;
use StoneDrill\Core\Technique\Target;

/** What the tests of Situation share. */
final class SituationFixture
{
    /** @param ?list<Target> $targets */
    public static function situation(string $kind, array $values = [], ?array $targets = null): Situation
    {
        $of = Kinds::builtIn()->get($kind);

        return Situation::of($of, OnTheFloor::facets($of, $values), new Bodies(1.68, 1.68), $targets);
    }

    /** @return array<string, string> state by limb, of those that are not free */
    public static function hindered(string $kind, array $values = []): array
    {
        $states = [];
        foreach (self::situation($kind, $values)->limbs as $status) {
            if ($status->state !== LimbState::Free) {
                $states[$status->limb->value] = $status->state->value;
            }
        }

        return $states;
    }
}
