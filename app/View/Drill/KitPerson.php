<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\View\Board\ProofLine;
use DateTimeImmutable;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Text;

/** One student of a kit: what they can be drilled on, what is left out, and what they have proven. */
final readonly class KitPerson
{
    /**
     * @param int                   $goal    goal rung of the student's rank
     * @param array<string, Window> $windows what is kept of the student's reps, by the cell's key
     */
    public function __construct(
        private Pool $pool,
        private Student $student,
        private int $goal,
        private array $windows,
        private DateTimeImmutable $at,
    ) {}

    public function isYouth(): bool
    {
        return $this->student->isYouthOn($this->at);
    }

    /** @return list<Text> why the student is not drilled on what the rank needs */
    public function barred(int $most = PHP_INT_MAX): array
    {
        return $this->pool->barred($this->student, $most);
    }

    /** How many attacks the student is not drilled on. */
    public function countBarred(): int
    {
        return $this->pool->countBarred($this->student);
    }

    /** @return list<Text> how far the contact policy lets hazards go with the student */
    public function levels(): array
    {
        return $this->pool->levels($this->student);
    }

    /** @return list<Ticket> what the student can be drilled on */
    public function tickets(int $rung): array
    {
        return $this->pool->tickets($this->student, $rung, $this->windows);
    }

    /**
     * @return list<Ticket> what the student is taught though it does not work, drawn only where a person asks for it
     */
    public function failing(int $rung): array
    {
        return $this->pool->failing($this->student, $rung, $this->windows);
    }

    /**
     * Those of the student's tickets that weigh most at the goal rung.
     *
     * @return list<Cell> in the order of the catalogue
     */
    public function mostWanted(int $count): array
    {
        $tickets = $this->tickets($this->goal);
        if (count($tickets) > $count) {
            $weights = array_map(static fn (Ticket $ticket): float => $ticket->weight(), $tickets);
            arsort($weights);
            $wanted = array_slice($weights, 0, $count, true);
            ksort($wanted);
            $tickets = array_intersect_key($tickets, $wanted);
        }

        return array_values(array_map(static fn (Ticket $ticket): Cell => $ticket->cell, $tickets));
    }

    /** @return list<Cell> what is taught to the student though it does not work */
    public function failingCells(): array
    {
        return array_map(static fn (Ticket $ticket): Cell => $ticket->cell, $this->failing($this->goal));
    }

    public function ticket(Cell $cell, int $rung): Ticket
    {
        return $this->pool->ticket($cell, $rung, $this->windows);
    }

    /** @return list<Answer> those of a cell that the student knows and may drill */
    public function answersOf(Cell $cell): array
    {
        return $this->pool->answers($this->student, $cell);
    }

    /** Whether the student is drilled on a cell for a coming test alone. */
    public function isAhead(Cell $cell): bool
    {
        return $this->pool->isAhead($this->student, $cell);
    }

    /** What the student has proven against a cell at the goal rung, in words. */
    public function proofOf(Cell $cell): ProofLine
    {
        return new ProofLine(
            $this->student,
            $cell->attack,
            $cell->side,
            $this->goal,
            $this->windows[$cell->key->text] ?? Window::empty(),
            $this->at,
        );
    }

    /** Its state alone. */
    public function stateOf(Cell $cell): ProofState
    {
        return ($this->windows[$cell->key->text] ?? null)?->state($this->goal, $this->at) ?? ProofState::Untried;
    }
}
