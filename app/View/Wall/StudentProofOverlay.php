<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\View\Board\ProofLine;
use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Rank;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Window;

/** What one student has proven at the goal rung of each rank: the lower bound. */
final readonly class StudentProofOverlay implements ProofOverlay
{
    /** @param array<string, Window> $windows what is kept of the student’s reps, by the cell's key */
    public function __construct(private Student $student, private array $windows, private DateTimeImmutable $at) {}

    public function share(Cell $cell, Rank $rank): ?float
    {
        $line = $this->line($cell, $rank);

        return $line->state === ProofState::Untried ? null : $line->lower;
    }

    public function text(Cell $cell, Rank $rank): string
    {
        return "{$this->student->name}: {$this->line($cell, $rank)->text()}.";
    }

    private function line(Cell $cell, Rank $rank): ProofLine
    {
        return new ProofLine(
            $this->student,
            $cell->attack,
            $cell->side,
            $rank->goalRung,
            $this->windows[$cell->key->text] ?? Window::empty(),
            $this->at,
        );
    }
}
