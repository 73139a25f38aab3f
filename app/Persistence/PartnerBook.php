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
    /** Days before a moment that are read. */
    private const DAYS = 365;

    /** @param Collection<int, Student> $students who defended */
    public static function among(School $school, Collection $students, CarbonImmutable $at): PartnerCounts
    {
        $ids = $students->pluck('code', 'id')->all();
        $rows = $ids === [] ? [] : DB::select(sprintf(<<<'SQL'
            select r.student_id, o.code as attacker, count(*) as tries
            from reps r join students o on o.id = r.attacker_id
            where r.school_id = ? and r.student_id in (%s) and r.at > ? and r.at <= ? and r.source <> 'home' and r.outcome <> 'stopped'
                and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
            group by r.student_id, o.code
            SQL, implode(', ', array_fill(0, count($ids), '?'))), [$school->id, ...array_keys($ids), $at->subDays(self::DAYS)->format('Y-m-d H:i:sP'), $at->format('Y-m-d H:i:sP')]);
        $counts = [];
        foreach ($rows as $row) {
            $counts[$ids[$row->student_id]][$row->attacker] = (int) $row->tries;
        }

        return new PartnerCounts($counts, array_filter($school->everyone()->pluck('height', 'code')->all(), is_float(...)));
    }
}
