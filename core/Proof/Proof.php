<?php

declare(strict_types=1);

namespace StoneDrill\Core\Proof;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Side;

/** What the reps say that one student can do against one side of one attack at one rung. All figures are estimates. */
final readonly class Proof
{
    /**
     * @param float              $weight  how much the counted reps weigh, 1 for a fresh one
     * @param float              $lower   the lower bound of the ability, 0 to 1
     * @param ?DateTimeImmutable $fadesOn the first day on which, with no more reps, it is not held any more
     */
    public function __construct(
        public string $student,
        public string $attack,
        public Side $side,
        public int $rung,
        public float $weight,
        public float $lower,
        public ProofState $state,
        public ?DateTimeImmutable $fadesOn,
    ) {}
}
