<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\Student;
use App\View\Board\ProofWords;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\ProofState;

/**
 * What a kit says of one person: what they are drilled on first, how much each of it is wanted, what they have proven.
 */
final readonly class PersonPack
{
    /** Reasons that are told for what is left out. */
    private const MAX_REASONS = 12;

    /** @var list<int> */
    private array $rungs;

    /** @var array<string, int> ids of rows by code */
    private array $answerIds;

    private KitPerson $person;

    /** @param int $most what the person may be drilled on, at the most */
    public function __construct(
        private Kit $kit,
        private Student $student,
        private int $most,
        private ProofWords $words,
    ) {
        $this->person = $kit->person($student);
        $this->rungs = $kit->catalogue->ladder->ids();
        $this->answerIds = $kit->school->answerIds();
    }

    /** @return array<string, mixed> as JSON has it; cells are named by their keys, all else by ids of rows */
    public function toArray(): array
    {
        $wanted = $this->person->mostWanted($this->most);
        $fails = array_slice($this->person->failingCells(), 0, $this->most - count($wanted));
        $barred = array_map(say(...), $this->person->barred(self::MAX_REASONS));
        $more = $this->person->countBarred() - self::MAX_REASONS;
        if ($more > 0) {
            $barred = [...$barred, trans_choice('drill.more-left-out', $more, ['student' => $this->student->name])];
        }

        return [
            'id' => $this->student->id,
            'name' => $this->student->name,
            'notes' => $this->student->notes(),
            'isYouth' => $this->person->isYouth(),
            'rank' => $this->student->rank->code,
            'goal' => $this->student->rank->goal_rung,
            'latest' => $this->kit->latestOf($this->student),
            'tickets' => [
                ...array_map(fn (Cell $cell): array => $this->ticket($cell, false), $wanted),
                ...array_map(fn (Cell $cell): array => $this->ticket($cell, true), $fails),
            ],
            'barred' => $barred,
            'levels' => array_map(say(...), $this->person->levels()),
        ];
    }

    /** @return array<string, mixed> */
    private function ticket(Cell $cell, bool $fails): array
    {
        $ofRungs = array_map(fn (int $rung): Ticket => $this->person->ticket($cell, $rung), $this->rungs);
        $proof = $this->person->proofOf($cell);

        return [
            'cell' => $cell->key->text,
            'weights' => array_map(static fn (Ticket $ticket): float => round($ticket->weight(), 4), $ofRungs),
            'factor' => round($ofRungs[0]->urgency(), 4),
            'fails' => $fails,
            'holds' => $proof->state === ProofState::Holds,
            'proof' => $this->words->of($proof),
            'answers' => array_map(
                fn (string $code): int => $this->answerIds[$code],
                array_column($this->person->answersOf($cell), 'id'),
            ),
        ];
    }
}
