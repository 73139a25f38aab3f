<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use Illuminate\Support\Facades\DB;

/**
 * What a school's rows are at, in one question to the database: it differs as soon as any row that the wall hangs on was
 * added, changed or taken away, whichever way that happened.
 */
final readonly class Revision
{
    /** What a school teaches; every one of them has the school's id. */
    private const CURRICULUM = ['ranks', 'rungs', 'kinds', 'attacks', 'answers'];

    /** What besides goes into a file of everything. */
    private const REST = ['students', 'rank_awards', 'solos', 'solo_marks', 'solo_practices', 'training_classes', 'class_attendance', 'tests', 'test_candidates', 'test_items', 'test_marks', 'test_solos', 'footage', 'footage_students'];

    /** Of everything that a file of it holds. */
    public static function ofEverything(School $school): string
    {
        return self::read($school, [...self::CURRICULUM, ...self::REST], ['(select coalesce(max(count), 0) from rep_counts where school_id = :id)']);
    }

    /** Of everything that a file of it holds but its reps. */
    public static function ofAllButReps(School $school): string
    {
        return self::read($school, [...self::CURRICULUM, ...self::REST]);
    }

    /** Of everything that a wall hangs on: reps are only ever added. */
    public static function of(School $school): string
    {
        return self::read($school, [...self::CURRICULUM, 'students'], ['(select coalesce(max(count), 0) from rep_counts where school_id = :id)']);
    }

    /** Of what it teaches alone. */
    public static function ofCurriculum(School $school): string
    {
        return self::read($school, self::CURRICULUM);
    }

    /**
     * @param list<string> $tables
     * @param list<string> $parts  further questions
     */
    private static function read(School $school, array $tables, array $parts = []): string
    {
        // Which transaction wrote a row last, and where it lies, changes with every write.
        array_push($parts, ...array_map(static fn (string $table): string => "(select count(*) || '.' || coalesce(sum(hashtext(xmin::text || ctid::text)::bigint), 0) from {$table} where school_id = :id)", $tables));
        $parts[] = '(select xmin::text || ctid::text from schools where id = :id)';
        $sql = 'select '.implode(" || ' ' || ", $parts).' as revision';

        $question = str_replace(':id', (string) $school->id, $sql);
        $read = static fn (): string => hash('xxh128', (string) DB::selectOne($question)->revision);

        // As long as a request only looks, what it was told first holds for all of it.
        return DB::connection()->hasModifiedRecords() ? $read() : app(ReadRevisions::class)->revisions[$question] ??= $read();
    }
}
