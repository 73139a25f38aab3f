<?php

declare(strict_types=1);

namespace App\View\Ladder;

use Carbon\CarbonImmutable;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Rung;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Window;

/**
 * A student's proof: one row for each side of each attack that the student needs, one brick a rung, filled to the lower
 * bound.
 */
final readonly class LadderPicture
{
    /** Rows that are drawn at once. */
    private const MAX_SHOWN = 200;

    /** @var list<LadderRow> in the order of the catalogue */
    public array $rows;

    /** @var list<LadderRow> those that are drawn: all, or of a large catalogue those tried, then those most needed */
    public array $shown;

    public int $goal;

    /** @param array<string, Window> $windows what is kept of the student’s reps, by the cell's key */
    public function __construct(
        public Catalogue $catalogue,
        Student $student,
        array $windows,
        private CarbonImmutable $at,
    ) {
        $order = $catalogue->rankOrder();
        $youth = $student->isYouthOn($at);
        $this->goal = $catalogue->rank($student->rank)->goalRung;
        $rows = [];
        // Most of a ladder was never tried: all of that is alike.
        $untried = $this->bricks(Window::empty());
        foreach ($catalogue->attacks as $attack) {
            $need = $attack->need->by($youth);
            if ($need !== null && $order[$need] <= $order[$student->rank]) {
                foreach ($attack->sides() as $side) {
                    $window = $windows[CellKey::of($attack, $side)->text] ?? null;
                    $rows[] = $this->row(
                        $attack,
                        $side,
                        $window === null ? $untried : $this->bricks($window),
                        count($window->tries ?? []),
                    );
                }
            }
        }
        $this->rows = $rows;
        $this->shown = count($rows) <= self::MAX_SHOWN ? $rows : $this->foremost($rows);
    }

    /** @return array<string, string> of all of them, by the cell's key */
    public function titles(): array
    {
        return array_combine(
            array_map(static fn (LadderRow $row): string => CellKey::of($row->attack, $row->side)->text, $this->rows),
            array_map(static fn (LadderRow $row): string => $row->title(), $this->rows),
        );
    }

    /** How many of them are held at the goal rung. */
    public function held(): int
    {
        return count(array_filter($this->rows, static fn (LadderRow $row): bool => $row->atGoal === ProofState::Holds));
    }

    /**
     * The least proven first, untried before all.
     *
     * @return list<LadderRow>
     */
    public function neediest(): array
    {
        $rows = $this->rows;
        usort(
            $rows,
            static fn (LadderRow $a, LadderRow $b): int => [$a->lowerAtGoal, -$a->attack->prevalence] <=> [
                $b->lowerAtGoal,
                -$b->attack->prevalence,
            ],
        );

        return $rows;
    }

    /**
     * @param list<LadderRow> $rows
     *
     * @return list<LadderRow> in the order they came in
     */
    private function foremost(array $rows): array
    {
        $places = array_keys($rows);
        usort(
            $places,
            static fn (int $a, int $b): int => [$rows[$a]->count === 0, -$rows[$a]->attack->prevalence, $a] <=> [
                $rows[$b]->count === 0,
                -$rows[$b]->attack->prevalence,
                $b,
            ],
        );
        $kept = array_slice($places, 0, self::MAX_SHOWN);
        sort($kept);

        return array_map(static fn (int $place): LadderRow => $rows[$place], $kept);
    }

    /** @return list<Brick> the lowest rung first */
    private function bricks(Window $window): array
    {
        return array_map(function (Rung $rung) use ($window): Brick {
            $evidence = $window->evidence($rung->id, $this->at);
            $state = $window->state($rung->id, $this->at);
            $fades = $state === ProofState::Holds ? $window->fadesOn($rung->id, $this->at) : null;

            return new Brick(
                $rung->id,
                $state === ProofState::Untried ? 0.0 : $evidence->lower(),
                $state,
                $evidence->weight(),
                $fades,
                $rung->id === $this->goal,
            );
        }, $this->catalogue->ladder->rungs);
    }

    /**
     * @param list<Brick> $bricks
     * @param int         $count  how many tries they are read from
     */
    private function row(Attack $attack, Side $side, array $bricks, int $count): LadderRow
    {
        foreach ($bricks as $brick) {
            if ($brick->isGoal) {
                return new LadderRow($attack, $side, $bricks, $brick->state, $brick->lower, $brick->fadesOn, $count);
            }
        }

        return new LadderRow($attack, $side, $bricks, ProofState::Untried, 0.0, null, $count);
    }
}
