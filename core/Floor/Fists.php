<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

/** How far fists come, in metres. */
final readonly class Fists
{
    /**
     * @param ?float $ownReach       from a shoulder of the defender's to where a fist meets the attacker's chin; null
     *     where it
     *                               is too high, or nobody asked
     * @param ?float $attackerMargin what a free fist of the attacker's has to spare to the defender's head once the
     *     attacker
     *                               stands and faces the defender, below 0 short; null where no fist is free
     */
    public function __construct(public ?float $ownReach, public ?float $attackerMargin) {}
}
