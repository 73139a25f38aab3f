<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Bearing;

/** What the attacker reaches where the defender could go. */
final readonly class RingPlace
{
    /** @param list<Threat> $reaching the attacker's free weapons that reach there */
    public function __construct(
        public Bearing $bearing,
        public int $threats,
        public Sector $sector,
        public array $reaching,
    ) {}
}
