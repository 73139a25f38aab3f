<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Proof\PartnerCounts;

/** Who has attacked those who come to a class. */
final readonly class PartnerBook
{
    /**
     * By that moment: what came later is taken from what is counted.
     *
     * @param Collection<int, Student> $students who defended
     */
    public static function among(School $school, Collection $students, CarbonImmutable $at): PartnerCounts
    {
        $ids = $students->pluck('code', 'id')->all();
        $rows = DB::select(
            <<<'SQL'
            select c.student_id, o.code as attacker, sum(c.tries) as tries from (
                select student_id, attacker_id, tries from partner_counts where school_id = :school
                    and student_id = any(cast(:students as bigint[]))
                union all
                select r.student_id, r.attacker_id, -count(*) from reps r
                where r.school_id = :school and r.student_id = any(cast(:students as bigint[])) and r.at > :at
                    and r.attacker_id is not null and r.source <> 'home' and r.outcome <> 'stopped'
                    and not exists (select 1 from reps later where later.school_id = r.school_id
                        and later.replaces = r.id)
                group by r.student_id, r.attacker_id
            ) c join students o on o.id = c.attacker_id group by c.student_id, o.code having sum(c.tries) > 0
            SQL
            ,
            [
                'school' => $school->id,
                'students' => '{'.implode(',', array_keys($ids)).'}',
                'at' => $at->format('Y-m-d H:i:sP'),
            ],
        );
        $counts = [];
        foreach ($rows as $row) {
            $counts[$ids[$row->student_id]][$row->attacker] = (int) $row->tries;
        }

        return new PartnerCounts(
            $counts,
            array_filter($school->everyone()->pluck('height', 'code')->all(), is_float(...)),
        );
    }
}
