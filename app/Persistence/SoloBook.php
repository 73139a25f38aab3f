<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\Solo;
use App\Models\SoloMark;
use App\Models\Student;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Solo\Standing;

/** How students of a school stand in what is practised alone, at a moment: by the last mark of each. */
final class SoloBook
{
    /** @var Collection<int, Solo> in the order in which they are asked */
    public readonly Collection $solos;

    /** @var array<int, array<int, SoloMark>> by id of the student, then of what was marked */
    private array $marks = [];

    private readonly float $halfLife;

    /** @param ?Collection<int, Solo> $solos of the school in their order, where they have been read */
    public function __construct(
        private readonly School $school,
        private readonly CarbonImmutable $now,
        ?Collection $solos = null,
    ) {
        $this->solos = $solos
        ?? $school
            ->solos()
            ->with('rank')
            ->get()
            ->sortBy(static fn (Solo $solo): array => [$solo->rank->position, $solo->isForm(), $solo->id])
            ->values();
        $this->halfLife = $school->half_life;
    }

    /** The same school at another moment, of which nobody has been read. */
    public function at(CarbonImmutable $then): self
    {
        return new self($this->school, $then, $this->solos);
    }

    /** @param list<int> $students ids */
    public function read(array $students): self
    {
        $rows = $this->solos->isEmpty()
            ? []
            : SoloMark::query()
                ->selectRaw('distinct on (student_id, solo_id) *')
                ->where('school_id', $this->school->id)
                ->whereIn('student_id', $students)
                ->where('at', '<=', $this->now)
                ->orderBy('student_id')
                ->orderBy('solo_id')
                ->orderByDesc('at')
                ->orderByDesc('id')
                ->get();
        foreach ($rows as $row) {
            $this->marks[$row->student_id][$row->solo_id] = $row;
        }

        return $this;
    }

    /** The last mark; null where there is none. */
    public function mark(Student $student, Solo $solo): ?SoloMark
    {
        return $this->marks[$student->id][$solo->id] ?? null;
    }

    public function standing(Student $student, Solo $solo): Standing
    {
        return $this->standingOf($student->id, $solo->id);
    }

    /**
     * The same by the ids of the rows: of each of a school for each basic, models would take most of the time to say
     * their ids.
     */
    public function standingOf(int $student, int $solo): Standing
    {
        $mark = $this->marks[$student][$solo] ?? null;
        // As the row has it, since the model's own way to read a moment takes ten times as long.
        $at = $mark === null ? null : new DateTimeImmutable($mark->getRawOriginal('at'));

        return Standing::of($mark?->mark, $at, $this->now, $this->halfLife);
    }

    /** From when on a sound mark is faded; null where there is none that stands. */
    public function fadesOn(Student $student, Solo $solo): ?DateTimeImmutable
    {
        $mark = $this->mark($student, $solo);

        return $mark !== null && $this->standing($student, $solo) === Standing::Sound
            ? Standing::fadesOn($mark->at, $this->halfLife)
            : null;
    }

    /** @return Collection<int, Solo> what is asked of a student of this rank, or of a lower one */
    public function askedOf(Student $student): Collection
    {
        return $this->solos
            ->filter(static fn (Solo $solo): bool => $solo->rank->position <= $student->rank->position)
            ->values();
    }

    /** @return Collection<int, Solo> what a student is asked and does not do soundly, or not any more */
    public function due(Student $student): Collection
    {
        return $this->askedOf($student)
            ->filter(fn (Solo $solo): bool => $this->standing($student, $solo)->isDue())
            ->values();
    }
}
