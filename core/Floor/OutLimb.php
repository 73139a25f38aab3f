<?php

declare(strict_types=1);

namespace StoneDrill\Core\Floor;

use StoneDrill\Core\Attack\Hand;

/** An arm or leg of the attacker's that is out toward the defender. */
final readonly class OutLimb
{
    /**
     * @param Hand  $side      left, right, or both
     * @param float $aim       height that it goes to, as a share of the defender's stature
     * @param bool  $isHalfway whether it ends half way between the two, where a wrist is, rather than at the defender
     */
    public function __construct(
        public Hand $side,
        public bool $isLeg,
        public float $aim,
        public bool $isHalfway = false,
    ) {}

    public function isOf(Hand $side): bool
    {
        return $this->side === $side || $this->side === Hand::Both;
    }
}
