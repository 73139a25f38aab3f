<?php

declare(strict_types=1);

namespace App\View\Ladder;

use DateTimeImmutable;
use StoneDrill\Core\Proof\ProofState;

/** One rung of a row. */
final readonly class Brick
{
    public function __construct(
        public int $rung,
        public float $lower,
        public ProofState $state,
        public float $weight,
        public ?DateTimeImmutable $fadesOn,
        public bool $isGoal,
    ) {}
}
