<?php

declare(strict_types=1);

namespace Tests\Core\Attack;

use StoneDrill\Core\Attack\Facet;
use StoneDrill\Core\Attack\Feasibility;
use StoneDrill\Core\Attack\Kinds;

/** What the tests of Feasibility share. */
final class FeasibilityFixture
{
    public static function feasible(string $kind, Facet $facet, array $chosen = []): string
    {
        return implode(' ', (new Feasibility())->allowed(Kinds::builtIn()->get($kind), $facet, $chosen));
    }
}
