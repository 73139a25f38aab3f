<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Answer;
use App\Models\Rep;
use App\Models\Student;
use Illuminate\Support\Collection;
use StoneDrill\Core\Session\BlockKind;

/** What was done in a class beside what was planned: who got fewer tries than there was time for, and what is left for the next. */
final readonly class ClassDone
{
    /** @var Collection<int, Rep> those that stand */
    private Collection $reps;

    public function __construct(private ClassPage $page)
    {
        $this->reps = $page->class->reps()->standing()->get(['id', 'student_id', 'attacker_id', 'answer_id', 'outcome']);
    }

    public function isEmpty(): bool
    {
        return $this->reps->isEmpty();
    }

    /** Tries that each was meant to defend. */
    public function meant(): int
    {
        return $this->page->repsEach(BlockKind::Drill) + $this->page->repsEach(BlockKind::Pressure);
    }

    /** @return list<array{name: string, defended: int, attacked: int, fewer: string}> those with the fewest first */
    public function rows(): array
    {
        $defended = $this->reps->countBy('student_id');
        $attacked = $this->reps->countBy('attacker_id');
        $meant = $this->meant();

        return array_values($this->page->students->map(static fn (Student $student): array => [
            'name' => $student->name,
            'defended' => $defended[$student->id] ?? 0,
            'attacked' => $attacked[$student->id] ?? 0,
            'fewer' => $meant > ($defended[$student->id] ?? 0) ? (string) ($meant - ($defended[$student->id] ?? 0)) : '',
        ])->sortBy(static fn (array $row): int => $row['defended'])->values()->all());
    }

    /** @return list<string> titles of answers that were to be taught, and that nobody was seen to use */
    public function left(): array
    {
        $used = $this->reps->pluck('answer_id')->filter()->flip();

        return array_values($this->page->class->school->answers->whereIn('code', $this->page->taught())->reject(static fn (Answer $answer): bool => isset($used[$answer->id]))->map(static fn (Answer $answer): string => $answer->title)->all());
    }
}
