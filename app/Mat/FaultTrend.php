<?php

declare(strict_types=1);

namespace App\Mat;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The mistakes seen most often of late, by attack and by student, beside the time before. */
final readonly class FaultTrend
{
    /** Weeks that are counted, and as many before them. */
    public const WEEKS = 6;

    private const SHOWN = 12;

    /** @var list<array{name: string, fault: string, now: int, before: int}> */
    public array $byAttack;

    /** @var list<array{name: string, fault: string, now: int, before: int}> */
    public array $byStudent;

    public function __construct(School $school, CarbonImmutable $at)
    {
        $this->byAttack = $this->count($school, $at, 'attacks', 'attack_id', 'title');
        $this->byStudent = $this->count($school, $at, 'students', 'student_id', 'name');
    }

    /** @return list<array{name: string, fault: string, now: int, before: int}> the most frequent of late first */
    private function count(School $school, CarbonImmutable $at, string $table, string $key, string $name): array
    {
        $since = $at->subWeeks(self::WEEKS);
        $rows = DB::select(<<<SQL
            select t.{$name} as name, f.fault, count(*) filter (where r.at > :since) as now, count(*) filter (where r.at <= :until) as before
            from reps r cross join lateral json_array_elements_text(r.faults) as f(fault) join {$table} t on t.id = r.{$key}
            where r.school_id = :school and r.at > :from and r.at <= :at and r.faults::text <> '[]'
                and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
            group by t.id, t.{$name}, f.fault order by now desc, before desc, name, fault limit :shown
            SQL, ['since' => $since, 'until' => $since, 'school' => $school->id, 'from' => $at->subWeeks(2 * self::WEEKS), 'at' => $at, 'shown' => self::SHOWN]);

        return array_map(static fn (object $row): array => ['name' => $row->name, 'fault' => $row->fault, 'now' => (int) $row->now, 'before' => (int) $row->before], $rows);
    }
}
