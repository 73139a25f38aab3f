<?php

declare(strict_types=1);

namespace App\View\Ladder;

use DateTimeImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\ProofState;

/** One side of one attack on a student's ladder. */
final readonly class LadderRow
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
    public function text(): string
    {
        return $this->atGoal === ProofState::Untried
            ? __('proof.states.untried')
            : trans_choice('proof.short', $this->count, [
                'state' => __('proof.states.'.$this->atGoal->value),
                'lower' => number_format($this->lowerAtGoal, 2),
            ]).($this->fadesOn === null ? '' : __('proof.fades', ['day' => $this->fadesOn->format('j M')]));
    }

    public function title(): string
    {
        return sided($this->attack->title, $this->side);
    }
}
