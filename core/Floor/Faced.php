<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** How the attacker faces the defender. */
final readonly class Faced
{
    /**
     * @param Sector $sector   where the defender stands off the attacker's facing
     * @param bool   $isInside whether the defender stands between the attacker's arms
     * @param float  $seconds  until the attacker faces the defender
     */
    public function __construct(public Sector $sector, public bool $isInside, public float $seconds) {}
}
