<?php

declare(strict_types=1);

namespace App\Ladder;

use DateTimeImmutable;
use Illuminate\Support\Str;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Pressure\ProofState;

/** One side of one attack on a student's ladder. */
final readonly class LadderColumn
{
    /**
     * @param list<Brick> $bricks the lowest rung first
     * @param int         $count  how many tries that is read from: the latest that count
     */
    public function __construct(
        public Attack $attack,
        public Side $side,
        public array $bricks,
        public ProofState $atGoal,
        public float $lowerAtGoal,
        public ?DateTimeImmutable $fadesOn,
        public int $count,
    ) {}

    /** What is proven at the goal rung, in a few words. */
    public function says(): string
    {
        return $this->atGoal === ProofState::Untried
            ? $this->atGoal->value
            : sprintf('%s, %.2f of %d %s%s', $this->atGoal->value, $this->lowerAtGoal, $this->count, Str::plural('try', $this->count), $this->fadesOn === null ? '' : ', fades on '.$this->fadesOn->format('j M'));
    }

    public function title(): string
    {
        return count($this->attack->sides()) === 1 ? $this->attack->title : $this->attack->title.($this->side === Side::Written ? '' : ' (mirrored)');
    }
}
