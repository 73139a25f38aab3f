<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Technique\Effect;

/** An effect that ran out before a beat began. */
final readonly class WornOff
{
    /** @param float $ago seconds before the beat began */
    public function __construct(public Effect $effect, public float $ago) {}
}
