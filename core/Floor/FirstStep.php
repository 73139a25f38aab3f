<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Geometry\Point;
use StoneDrill\Core\Technique\Action;

/** One way to take the first step, with what it leaves. */
final readonly class FirstStep
{
    /**
     * @param ?float $threat metres to spare of the weapon of the attacker's that reaches farthest, below 0 short; null
     *     where none is
     *                       turned that way
     * @param ?float $strike metres to spare of the strike that was asked for
     * @param bool   $isHit  whether the attack lands all the same
     * @param Point  $to     where it brings the axis
     */
    public function __construct(
        public Action $action,
        public ?float $threat,
        public ?float $strike,
        public bool $isHit,
        public Point $to,
    ) {}
}
