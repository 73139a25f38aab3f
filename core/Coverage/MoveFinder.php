<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;

/** Finds what would close a hole: an answer mirrored, widened, softened or taught earlier, or a new one. */
final readonly class MoveFinder
{
    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** @var array<string, Answer> by id */
    private array $answers;

    /** @var array<string, list<Answer>> those that can meet a kind, by its id */
    private array $byKind;

    /** @var array<string, list<Answer>> by the family of the attack that they were written for */
    private array $byFamily;

    public function __construct(
        Catalogue $catalogue,
        private Works $works,
        private ?WeaknessFinder $weaknesses,
        private ?Widener $widener,
    ) {
        $this->order = $catalogue->rankOrder();
        $this->answers = array_column($catalogue->answers, null, 'id');
        $byKind = $byFamily = [];
        $kinds = array_values(
            array_unique(array_map(static fn (Attack $attack): string => $attack->kind->id, $catalogue->attacks)),
        );
        $attacks = array_column($catalogue->attacks, null, 'id');
        foreach ($catalogue->answers as $answer) {
            foreach ($answer->matching->pattern->kinds ?? $kinds as $kind) {
                $byKind[$kind][] = $answer;
            }
            $byFamily[$attacks[$answer->attack]->kind->family->value][] = $answer;
        }
        [$this->byKind, $this->byFamily] = [$byKind, $byFamily];
    }

    /**
     * What would close a hole: an answer counts only where it has not the weakness that makes the hole.
     *
     * @return list<Move>
     */
    public function of(Cell $cell, string $need, ?Weakness $without): array
    {
        $moves = [];
        foreach ($this->meeting($cell) as $answer) {
            if (
                ! $answer->matching->mirrored
                && $this->mirrorCloses($answer, $cell, $need)
                && $this->works->failure($answer, $cell->attack, $cell->side, $need, true) === null
                && $this->weakness($answer, $cell, $need, $without, true) === null
            ) {
                $moves[] = new Move(MoveKind::Mirror, $answer->id);
            }
        }
        array_push($moves, ...$this->widenings($cell, $need, $without));
        foreach (array_keys($cell->worksFrom) as $late) {
            if (
                $cell->worksFrom[$late] > $this->order[$need]
                && $this->weakness($this->answers[$late], $cell, $need, $without) === null
            ) {
                $moves[] = new Move(MoveKind::Earlier, $late);
            }
        }

        return [
            ...$moves,
            ...$without === Weakness::Barred ? $this->softenings($cell, $need) : [],
            new Move(MoveKind::Write, null),
        ];
    }

    /** @return list<Answer> those whose pattern can meet the kind of a cell */
    public function meeting(Cell $cell): array
    {
        return $this->byKind[$cell->attack->kind->id] ?? [];
    }

    /** Where an answer, moved to where it is needed, has this weakness in the cell; null where it has not. */
    public function weakness(
        Answer $answer,
        Cell $cell,
        string $need,
        ?Weakness $weakness,
        ?bool $isMirrored = null,
    ): ?Failure {
        return $weakness === null
            ? null
            : $this->weaknesses?->find(
                $weakness,
                $answer,
                $cell,
                $need,
                $isMirrored ?? ! $answer->matching->coversAsWritten($cell->attack->kind, $cell->facets),
            );
    }

    private function mirrorCloses(Answer $answer, Cell $cell, string $need): bool
    {
        return $this->order[$answer->teaching->rank] <= $this->order[$need]
            && ! in_array($answer->id, $cell->answers, true)
            && $answer->matching->coversMirrored($cell->attack->kind, $cell->facets);
    }

    /** @return list<Move> */
    private function widenings(Cell $cell, string $need, ?Weakness $without): array
    {
        $moves = [];
        if ($this->widener === null) {
            return $moves;
        }
        foreach ($this->byFamily[$cell->attack->kind->family->value] ?? [] as $answer) {
            $near = $this->order[$answer->teaching->rank] <= $this->order[$need]
                ? $this->widener->near($answer, $cell)
                : null;
            if (
                $near !== null
                && $this->works->failure($answer, $cell->attack, $cell->side, $need, $near[1]) === null
                && $this->weakness($answer, $cell, $need, $without, $near[1]) === null
            ) {
                $facets = $near[1] ? $cell->facets->mirror() : $cell->facets;
                $value = $near[0] === 'kind' ? $cell->attack->kind->id : $facets->toArray()[$near[0]];
                $moves[] = new Move(
                    MoveKind::Widen,
                    $answer->id,
                    $this->widener->findings($answer, $cell, $near[1]),
                    $near[0],
                    $value,
                );
            }
        }

        return $moves;
    }

    /** @return list<Move> */
    private function softenings(Cell $cell, string $need): array
    {
        $moves = [];
        if ($this->weaknesses === null) {
            return $moves;
        }
        foreach ($this->taughtBy($cell, $need) as $answer) {
            $soft = $this->weaknesses->softened($answer, $cell, $need);
            if ($soft !== null) {
                $moves[] = $soft;
            }
        }

        return $moves;
    }

    /** @return list<Answer> those that are taught to the cell by then */
    public function taughtBy(Cell $cell, string $need): array
    {
        return array_values(
            array_filter(
                array_map(fn (string $id): Answer => $this->answers[$id], $cell->answers),
                fn (Answer $answer): bool => $answer->introducedAt($this->order) <= $this->order[$need],
            ),
        );
    }

    /** @return list<Answer> those that work in the cell by then */
    public function workingBy(Cell $cell, string $need): array
    {
        return array_map(fn (string $id): Answer => $this->answers[$id], $cell->workingBy($this->order[$need]));
    }
}
