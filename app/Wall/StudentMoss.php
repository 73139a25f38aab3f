<?php

declare(strict_types=1);

namespace App\Wall;

use App\Mat\ProofLine;
use DateTimeImmutable;
use StoneDrill\Core\Catalogue\Rank;
use StoneDrill\Core\Catalogue\Student;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\Window;

/** What one student has proven at the goal rung of each rank: the lower bound. */
final readonly class StudentMoss implements Moss
{
    /** @param array<string, Window> $windows what is kept of her reps, by `attack side` */
    public function __construct(private Student $student, private array $windows, private DateTimeImmutable $at) {}

    public function share(Cell $cell, Rank $rank): ?float
    {
        $line = $this->line($cell, $rank);

        return $line->state === ProofState::Untried ? null : $line->lower;
    }

    public function says(Cell $cell, Rank $rank): string
    {
        return "{$this->student->name}: {$this->line($cell, $rank)->says()}.";
    }

    private function line(Cell $cell, Rank $rank): ProofLine
    {
        return new ProofLine($this->student, $cell->attack, $cell->side, $rank->goalRung, $this->windows[$cell->attack->id.' '.$cell->side->value] ?? Window::empty(), $this->at);
    }
}
