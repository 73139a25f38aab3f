<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\RankAward;
use App\Models\Rep;
use App\Models\Student;
use Illuminate\Support\Collection;
use StoneDrill\Core\Curriculum\Hazard;
use StoneDrill\Core\Curriculum\RankAward as CoreAward;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Proof\Rep as CoreRep;
use StoneDrill\Core\Proof\RepDetails;

/** The way from rows of students and their reps to core values. */
final readonly class PeopleMapper
{
    public static function student(Student $student): CoreStudent
    {
        // Nobody is drilled on what a flag may forbid: where flags cannot be read, each hazard is barred.
        $flags = $student->hasReadableFlags()
            ? $student->flags
            : array_map(static fn (Hazard $hazard): string => 'no-'.$hazard->value, Hazard::cases());

        return new CoreStudent(
            $student->code,
            $student->name,
            $student->rank->code,
            $student->height,
            $student->born,
            $flags,
            $student->relationLoaded('awards') ? self::awards($student) : [],
        );
    }

    /** @return list<CoreAward> the first one first */
    private static function awards(Student $student): array
    {
        return array_values(
            $student->awards
                ->reverse()
                ->map(
                    static fn (RankAward $award): CoreAward => new CoreAward(
                        $award->rank->code,
                        $award->awarded_on,
                        $award->note,
                    ),
                )
                ->all(),
        );
    }

    /**
     * @param Collection<int, Rep> $reps with all that they belong to
     *
     * @return list<CoreRep>
     */
    public static function reps(Collection $reps): array
    {
        return array_values(
            $reps
                ->map(
                    static fn (Rep $rep): CoreRep => new CoreRep(
                        $rep->id,
                        $rep->student->code,
                        $rep->attack->code,
                        $rep->side,
                        $rep->rung,
                        $rep->outcome,
                        $rep->at,
                        new RepDetails(
                            $rep->answer?->code,
                            $rep->mistakes,
                            $rep->touched,
                            $rep->seconds,
                            $rep->stressor,
                            $rep->source,
                            $rep->replaces,
                            $rep->reason,
                            $rep->attacker?->code,
                            $rep->class?->code,
                            $rep->rules,
                            $rep->attacked_by,
                        ),
                    ),
                )
                ->all(),
        );
    }

    /** @return list<CoreRep> all of one student, in order of time */
    public static function repsOf(Student $student): array
    {
        return self::reps(
            $student
                ->reps()
                ->with(['student', 'attack', 'answer', 'attacker', 'class'])
                ->orderBy('at')
                ->orderBy('id')
                ->get(),
        );
    }
}
