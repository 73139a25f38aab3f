<?php

declare(strict_types=1);

namespace App\Ladder;

use Carbon\CarbonImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Pressure\Proof;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Prover;
use StoneDrill\Core\Pressure\Rep;

/**
 * A student's proof: one column for each side of each attack that she needs, one brick a rung, filled to the lower
 * bound.
 */
final readonly class LadderPicture
{
    /** @var list<LadderColumn> in the order of the catalogue */
    public array $columns;

    public int $goal;

    /** @param list<Rep> $reps hers */
    public function __construct(public Catalogue $catalogue, Student $student, array $reps, CarbonImmutable $at)
    {
        $order = $catalogue->rankOrder();
        $youth = $student->isYouthOn($at);
        $this->goal = array_column($catalogue->ranks, 'goalRung', 'id')[$student->rank];
        $proofs = [];
        foreach ((new Prover($catalogue->ladder))->prove($reps, $catalogue->attacks, $at) as $proof) {
            $proofs[$proof->attack.' '.$proof->side->value][$proof->rung] = $proof;
        }
        $columns = [];
        foreach ($catalogue->attacks as $attack) {
            $need = $youth ? $attack->neededByYouth : $attack->neededBy;
            if ($need !== null && $order[$need] <= $order[$student->rank]) {
                foreach ($attack->sides() as $side) {
                    $columns[] = $this->column($attack, $side, $proofs[$attack->id.' '.$side->value] ?? []);
                }
            }
        }
        $this->columns = $columns;
    }

    /** How many of them are held at the goal rung. */
    public function held(): int
    {
        return count(array_filter($this->columns, static fn (LadderColumn $column): bool => $column->atGoal === ProofState::Holds));
    }

    /**
     * The least proven first, untried before all.
     *
     * @return list<LadderColumn>
     */
    public function neediest(): array
    {
        $columns = $this->columns;
        usort($columns, static fn (LadderColumn $a, LadderColumn $b): int => [$a->lowerAtGoal, -$a->attack->prevalence] <=> [$b->lowerAtGoal, -$b->attack->prevalence]);

        return $columns;
    }

    /** @param array<int, Proof> $proofs by rung */
    private function column(Attack $attack, Side $side, array $proofs): LadderColumn
    {
        $bricks = [];
        foreach ($this->catalogue->ladder->rungs as $rung) {
            $proof = $proofs[$rung->id] ?? null;
            $bricks[] = new Brick($rung->id, $proof->lower ?? 0.0, $proof->state ?? ProofState::Untried, $proof->weight ?? 0.0, $proof?->fadesOn, $rung->id === $this->goal);
        }
        $atGoal = $proofs[$this->goal] ?? null;

        return new LadderColumn($attack, $side, $bricks, $atGoal->state ?? ProofState::Untried, $atGoal->lower ?? 0.0, $atGoal?->fadesOn);
    }
}
