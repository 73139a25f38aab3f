<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\Student;
use App\Models\TrainingClass;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/**
 * What a school's rows are at, in one question to the database: it differs as soon as any row that the wall hangs on
 * was added, changed or taken away, whichever way that happened.
 */
final readonly class Revision
{
    /**
     * Parts of its rows: what it teaches, who trains, what besides goes into a file of everything, and who sees it with
     * what is at hand beside.
     */
    private const CURRICULUM = 'curriculum';
    private const STUDENTS = 'students';
    private const REST = 'rest';
    private const AROUND = 'around';

    /** Reps are only ever added. */
    private const REPS = '(select coalesce(max(count), 0) from rep_counts where school_id = :id)';

    /** Of everything that a file of it holds. */
    public static function ofEverything(School $school): string
    {
        return self::read($school, [self::CURRICULUM, self::STUDENTS, self::REST], [self::REPS]);
    }

    /** Of everything that a file of it holds but its reps. */
    public static function ofAllButReps(School $school): string
    {
        return self::read($school, [self::CURRICULUM, self::STUDENTS, self::REST]);
    }

    /**
     * Of everything that a page shows, for whoever may see it.
     *
     * @param ?Student $whose page it is: it shows nobody else's reps
     * @param string   $tells of what: `reps`, all of them; `home`, of a week alone, which begins with what was held
     *     before; `teaching`, of none
     */
    public static function ofPage(School $school, ?Student $whose, string $tells): string
    {
        return self::read(
            $school,
            [self::CURRICULUM, self::STUDENTS, self::REST, self::AROUND],
            match (true) {
                $tells === 'teaching' => [],
                $whose === null => [self::REPS],
                default => [self::ofReps($school, $whose, $tells === 'home')],
            },
        );
    }

    /** @param bool $ofWeek whether only those of a week at home count, and what was before it */
    private static function ofReps(School $school, Student $student, bool $ofWeek): string
    {
        if (! $ofWeek) {
            return "(select coalesce(max(count), 0) from student_reps where school_id = :id and student_id = {$student->id})";
        }
        $monday = $school->weekOf(CarbonImmutable::now())->utc()->toIso8601String();

        return "(select count(*) from reps where school_id = :id and student_id = {$student->id}"
            ." and (source = 'home' or at <= '{$monday}'))";
    }

    /**
     * Of everything that the page of a class shows: its plan is told by the reps until a moment, and who has met in it
     * by those until it was marked who is there.
     */
    public static function ofClass(TrainingClass $class): string
    {
        $until = $class->plannedUntil(CarbonImmutable::now());
        // Of a class that was long ago, more came later than can be counted each time.
        $later = $until->diffInDays(CarbonImmutable::now()) > 1
            ? '0'
            : "(select count(*) from reps where school_id = :id and at > '{$until->utc()->toIso8601String()}')";
        $met = $class->marked_at === null ? [] : [
            "(select count(*) from reps where school_id = :id and class_id = {$class->id}"
                ." and at <= '{$class->marked_at->utc()->toIso8601String()}')",
        ];

        return self::read(
            $class->school,
            [self::CURRICULUM, self::STUDENTS, self::REST, self::AROUND],
            ['('.self::REPS." - {$later})", ...$met],
        );
    }

    /** Of everything that a wall hangs on. */
    public static function of(School $school): string
    {
        return self::read($school, [self::CURRICULUM, self::STUDENTS], [self::REPS]);
    }

    /** Of what it teaches alone. */
    public static function ofCurriculum(School $school): string
    {
        return self::read($school, [self::CURRICULUM]);
    }

    /**
     * @param list<string> $rows  parts of them
     * @param list<string> $parts further questions
     */
    private static function read(School $school, array $rows, array $parts = []): string
    {
        // The database knows by heart how to ask for a part: to plan it each time takes longer than to look.
        array_push($parts, ...array_map(static fn (string $part): string => "part_at('{$part}', :id)", $rows));
        $parts[] = "coalesce((select xmin::text || ctid::text from schools where id = :id), '-')";
        $parts = str_replace(':id', (string) $school->id, $parts);
        // As long as a request only looks, what it was told first holds for all of it.
        if (DB::connection()->hasModifiedRecords()) {
            return self::named(self::ask($parts));
        }
        $known = &app(ReadRevisions::class)->revisions;
        $known += self::ask(
            array_values(array_filter($parts, static fn (string $part): bool => ! isset($known[$part]))),
        );

        return self::named(array_map(static fn (string $part): string => $known[$part], $parts));
    }

    /**
     * @param list<string> $parts questions
     *
     * @return array<string, string> what they are at, by the question
     */
    private static function ask(array $parts): array
    {
        // No answer has a space in it.
        return $parts === []
            ? []
            : array_combine(
                $parts,
                explode(
                    ' ',
                    (string) DB::selectOne('select '.implode(" || ' ' || ", $parts).' as revision')->revision,
                ),
            );
    }

    /** @param array<array-key, string> $read what all parts are at */
    private static function named(array $read): string
    {
        return hash('xxh128', implode(' ', $read));
    }
}
