<?php

declare(strict_types=1);

namespace App\Ladder;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Pressure\ProofState;

/** One side of one attack on a student's ladder. */
final readonly class LadderColumn
{
    /** @param list<Brick> $bricks the lowest rung first */
    public function __construct(
        public Attack $attack,
        public Side $side,
        public array $bricks,
        public ProofState $atGoal,
        public float $lowerAtGoal,
        public ?DateTimeImmutable $fadesOn,
    ) {}

    public function title(): string
    {
        return count($this->attack->sides()) === 1 ? $this->attack->title : $this->attack->title.($this->side === Side::Written ? '' : ' (mirrored)');
    }
}
