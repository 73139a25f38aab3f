<?php

declare(strict_types=1);

namespace StoneDrill\Core\Coverage;

use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Catalogue\Rank;

/** Finds the cells that are not laid by the rank that needs them, and what would close each. */
final readonly class HoleFinder
{
    /** @var array<string, int> position by id of the rank */
    private array $order;

    /** @var array<string, Rank> by id */
    private array $ranks;

    public function __construct(private Catalogue $catalogue)
    {
        $this->order = $catalogue->rankOrder();
        $this->ranks = array_column($catalogue->ranks, null, 'id');
    }

    /**
     * @param list<Cell> $cells both sides of an attack next to each other
     *
     * @return list<Hole> by weight, then kind, then id of the attack
     */
    public function find(array $cells): array
    {
        $inTime = [];
        foreach ($cells as $cell) {
            $inTime[$cell->attack->id][$cell->side->value] = $this->isInTime($cell);
        }
        $holes = [];
        foreach ($cells as $cell) {
            $need = $cell->attack->neededBy;
            if ($need !== null && ! $inTime[$cell->attack->id][$cell->side->value]) {
                $holes[] = $this->hole($cell, $need, $inTime[$cell->attack->id][$cell->side->other()->value] ?? false);
            }
        }
        usort($holes, static fn (Hole $a, Hole $b): int => [$b->weight, $a->kind->order(), $a->attack, $b->side->value]
            <=> [$a->weight, $b->kind->order(), $b->attack, $a->side->value]);

        return $holes;
    }

    private function isInTime(Cell $cell): bool
    {
        return $cell->laidAt !== null && $cell->attack->neededBy !== null
            && $this->order[$cell->laidAt] <= $this->order[$cell->attack->neededBy];
    }

    private function hole(Cell $cell, string $need, bool $otherInTime): Hole
    {
        $kind = match (true) {
            $otherInTime => HoleKind::OneSided,
            $cell->laidAt === null => HoleKind::Open,
            default => HoleKind::Late,
        };
        $weight = $cell->weight() * $this->catalogue->school->holeFactor($kind);

        return new Hole($kind, $cell->attack->id, $cell->side, $need, $weight, $this->reason($kind, $cell, $need), $this->moves($cell, $need));
    }

    private function reason(HoleKind $kind, Cell $cell, string $need): string
    {
        $side = count($cell->attack->sides()) === 1 ? '' : sprintf(' (%s)', $cell->side === Side::Written ? 'as written' : 'mirrored');
        $needed = sprintf('“%s”%s is needed by %s', $cell->attack->title, $side, $this->ranks[$need]->name);

        return match ($kind) {
            HoleKind::Late => sprintf('%s, but first answered at %s.', $needed, $this->laidName($cell)),
            HoleKind::OneSided => $cell->laidAt === null
                ? $needed.', but only its other side is taught.'
                : sprintf('%s like its other side, but first answered at %s.', $needed, $this->laidName($cell)),
            default => $needed.', and nothing answers it.',
        };
    }

    private function laidName(Cell $cell): string
    {
        return $cell->laidAt === null ? '' : $this->ranks[$cell->laidAt]->name;
    }

    /** @return list<Move> */
    private function moves(Cell $cell, string $need): array
    {
        $moves = [];
        foreach ($this->catalogue->answers as $answer) {
            if ($this->mirrorCloses($answer, $cell, $need)) {
                $moves[] = new Move(MoveKind::Mirror, $answer->id);
            }
        }
        foreach ($cell->answers as $late) {
            $moves[] = new Move(MoveKind::Earlier, $late);
        }

        return [...$moves, new Move(MoveKind::Write, null)];
    }

    private function mirrorCloses(Answer $answer, Cell $cell, string $need): bool
    {
        return ! $answer->mirrored
            && $this->order[$answer->rank] <= $this->order[$need]
            && $answer->matchesMirrored($cell->attack->kind, $cell->attack->on($cell->side));
    }
}
