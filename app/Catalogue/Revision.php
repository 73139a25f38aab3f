<?php

declare(strict_types=1);

namespace App\Catalogue;

use App\Models\School;
use Illuminate\Support\Facades\DB;

/**
 * What a school's rows are at, in one question to the database: it differs as soon as any row that the wall hangs on was
 * added, changed or taken away, whichever way that happened.
 */
final readonly class Revision
{
    /** Every one of them has the school's id. Reps are only ever added. */
    private const TABLES = ['ranks', 'rungs', 'kinds', 'attacks', 'answers', 'students'];

    public static function of(School $school): string
    {
        // Which transaction wrote a row last, and where it lies, changes with every write.
        $parts = array_map(static fn (string $table): string => "(select count(*) || '.' || coalesce(sum(hashtext(xmin::text || ctid::text)::bigint), 0) from {$table} where school_id = :id)", self::TABLES);
        $parts[] = '(select xmin::text || ctid::text from schools where id = :id)';
        $parts[] = "(select count(*) || '.' || coalesce(max(recorded_at)::text, '') from reps where school_id = :id)";
        $sql = 'select '.implode(" || ' ' || ", $parts).' as revision';

        return hash('xxh128', (string) DB::selectOne(str_replace(':id', (string) $school->id, $sql))->revision);
    }
}
