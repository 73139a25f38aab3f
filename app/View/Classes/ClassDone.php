<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Answer;
use App\Models\Rep;
use App\Models\Student;
use App\Models\TrainingClass;
use Illuminate\Support\Collection;

/**
 * What was done in a class beside what was planned: who got fewer tries than there was time for, and what is left for
 * the next.
 */
final readonly class ClassDone
{
    /** @var Collection<int, Rep> those that stand */
    private Collection $reps;

    /**
     * @param Collection<int, Student> $students who were planned for
     * @param int                      $meant    tries that each was meant to defend
     * @param list<string>             $taught   codes of answers that were to be taught
     */
    public function __construct(
        private TrainingClass $class,
        private Collection $students,
        public int $meant,
        private array $taught,
    ) {
        $this->reps = $class
            ->reps()
            ->standing()
            ->get(['id', 'student_id', 'attacker_id', 'answer_id', 'outcome']);
    }

    public function isEmpty(): bool
    {
        return $this->reps->isEmpty();
    }

    /** @return list<array{name: string, defended: int, attacked: int, fewer: string}> those with the fewest first */
    public function rows(): array
    {
        $defended = $this->reps->countBy('student_id');
        $attacked = $this->reps->countBy('attacker_id');

        return array_values(
            $this->students
                ->map(
                    fn (Student $student): array => [
                        'name' => $student->name,
                        'defended' => $defended[$student->id] ?? 0,
                        'attacked' => $attacked[$student->id] ?? 0,
                        'fewer' => $this->meant > ($defended[$student->id] ?? 0)
                            ? (string) ($this->meant - ($defended[$student->id] ?? 0))
                            : '',
                    ],
                )
                ->sortBy(static fn (array $row): int => $row['defended'])
                ->values()
                ->all(),
        );
    }

    public function isOver(): bool
    {
        return $this->class->endsAt()->isPast();
    }

    /** @return list<string> titles of answers that were to be taught, and that nobody was seen to use */
    public function left(): array
    {
        $used = $this->reps->pluck('answer_id')->filter()->flip();

        return array_values(
            $this->class->school->answers
                ->whereIn('code', $this->taught)
                ->reject(static fn (Answer $answer): bool => isset($used[$answer->id]))
                ->map(static fn (Answer $answer): string => $answer->title)
                ->all(),
        );
    }
}
