<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\School;
use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * How many tries there were, of those that no later one corrects: from what is counted by week, so that no rep is read.
 */
final class CountedTries
{
    /** How many there were of an attack, or with an answer. */
    public static function of(Attack|Answer $what): int
    {
        return (int) DB::table('rep_weeks')
            ->where('school_id', $what->school_id)
            ->where($what->getForeignKey(), $what->id)
            ->sum('tries');
    }

    /** @return array<int, array{clean: int, all: int}> with an answer, by the rung, the lowest first */
    public static function byRung(Answer $answer): array
    {
        $rows = DB::select(
            'select rung, sum(clean) as clean, sum(tries) as tries from rep_weeks where school_id = ? and answer_id = ? group by rung having sum(tries) > 0 order by rung',
            [$answer->school_id, $answer->id],
        );

        return array_map(
            static fn (stdClass $row): array => ['clean' => (int) $row->clean, 'all' => (int) $row->tries],
            array_column($rows, null, 'rung'),
        );
    }

    /**
     * @param list<int> $answers ids of the rows
     *
     * @return array<string, int> mistakes that were seen with them, and how often
     */
    public static function mistakes(School $school, array $answers): array
    {
        $rows = DB::select(
            "select mistake, sum(times) as times from mistake_weeks where school_id = ? and of = 'answer' and whose = any(?::bigint[]) group by mistake having sum(times) > 0 order by mistake",
            [$school->id, '{'.implode(',', $answers).'}'],
        );

        return array_map(intval(...), array_column($rows, 'times', 'mistake'));
    }
}
