<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage\Pairs;

use StoneDrill\Core\Attack\Side;

/** One attack to drill: the values it must have, and the attack of the catalogue that comes nearest. */
final readonly class DrillRow
{
    /**
     * @param array<string, string> $values    by `kind` or facet
     * @param string                $attack    id of the nearest attack of the kind
     * @param Side                  $side      the side of it that is nearest
     * @param array<string, string> $differences what differs from it, value by facet
     */
    public function __construct(
        public array $values,
        public string $attack,
        public Side $side,
        public array $differences,
    ) {}
}
