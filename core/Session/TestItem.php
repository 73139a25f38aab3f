<?php

declare(strict_types=1);

namespace StoneDrill\Core\Session;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;

/** One side of an attack that a test asks for. */
final readonly class TestItem
{
    /** @param bool $isTried whether the student has ever tried it */
    public function __construct(
        public Attack $attack,
        public Side $side,
        public Chances $chances,
        public bool $isTried,
    ) {}

    public function isCritical(): bool
    {
        return $this->attack->need->isCritical;
    }
}
