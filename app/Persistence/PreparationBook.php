<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneDrill\Core\Drill\Preparation;

/** What the ways to a school's coming tests have taught candidates, and have had them drill. */
final readonly class PreparationBook
{
    /**
     * By the end of a day: what tonight's class is for is drilled all day.
     *
     * @return list<Preparation> by the codes of rows
     */
    public function until(School $school, CarbonImmutable $day): array
    {
        $day = $day->setTimezone($school->timeZone());
        $rows = DB::select(
            <<<'SQL'
            select r.code as rank,
                (select json_agg(s.code) from test_candidates c join students s on s.id = c.student_id
                    where c.school_id = t.school_id and c.test_id = t.id) as candidates,
                (select json_agg(e.value) from jsonb_each(t.teaches) e join training_classes k
                    on k.school_id = t.school_id and k.code = e.key where k.cancelled_at is null and k.at <= :end)
                    as teaches,
                (select json_agg(e.value) from jsonb_each(t.drills) e join training_classes k
                    on k.school_id = t.school_id and k.code = e.key where k.cancelled_at is null and k.at <= :end)
                    as drills
            from tests t join ranks r on r.id = t.rank_id
            where t.school_id = :school and t.cancelled_at is null and t.at >= :begin and t.teaches is not null
            order by t.at, t.id
            SQL
            ,
            [
                'school' => $school->id,
                'begin' => $day->startOfDay()->toIso8601String(),
                'end' => $day->endOfDay()->toIso8601String(),
            ],
        );

        return array_values(
            array_map(
                static fn (stdClass $row): Preparation => Preparation::inClasses(
                    $row->rank,
                    self::list($row->candidates),
                    self::list($row->teaches),
                    self::list($row->drills),
                ),
                $rows,
            ),
        );
    }

    /** @return list<mixed> */
    private static function list(?string $json): array
    {
        return json_decode($json ?? '[]', true);
    }
}
