<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Jobs\ReadEvidence;
use App\Jobs\Workers;
use App\Models\School;
use App\Models\Student as Row;
use Carbon\CarbonImmutable;
use DateTimeImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Rep;
use StoneDrill\Core\Proof\RepDetails;
use StoneDrill\Core\Proof\Touched;
use StoneDrill\Core\Report\Disagreement;
use StoneDrill\Core\Report\EvidenceReport;

/** What the reps teach a school, kept until anything changes or a day has passed. */
final readonly class EvidenceBook
{
    /** Counted tries that are read: the latest. */
    private const MOST = 200_000;

    /** Reps of a school that are read while somebody waits; and where what was read last is of the last hour. */
    private const AT_ONCE = 20_000;
    private const FEW = 1_000;
    private const HOUR = 3_600;

    /** Seconds for which what was read of many reps stands though others come in. */
    private const STANDS = 300;

    private const SECONDS = 7 * 86_400;

    public function __construct(private CatalogueMapper $mapper, private RevisionCache $kept) {}

    /** Worked out here, however long that takes. */
    public function of(School $school): EvidenceReport
    {
        return $this->kept->of(
            "evidence:{$school->id}",
            self::revision($school),
            self::SECONDS,
            fn (): EvidenceReport => $this->read($school, CarbonImmutable::now()),
        );
    }

    /**
     * What is known; of many reps a job reads them anew where something has changed.
     *
     * @param bool $isFile whether it goes where nobody sees as of when it is told
     *
     * @return ?EvidenceReport of the last time as long as the job is at it; null where there was none
     */
    public function asked(School $school, bool $isFile = false): ?EvidenceReport
    {
        $new = $this->kept->known("evidence:{$school->id}", self::revision($school));
        if ($new !== null) {
            return $new;
        }
        // Whatever else has changed than reps is in it at once.
        $age = CarbonImmutable::now()->getTimestamp() - $this->lastRead($school)[0];
        $isFresh = ! $isFile && $age < self::HOUR && ! Workers::areAway();
        if (self::count($school) <= ($isFresh ? self::FEW : self::AT_ONCE)) {
            return $this->of($school);
        }
        $last = $isFresh && $age < self::STANDS ? $this->kept->latest("evidence:{$school->id}") : null;
        if ($last !== null) {
            return $last;
        }
        Aside::keep(static fn () => Workers::queue(new ReadEvidence($school->id)));

        return $this->kept->meanwhile("evidence:{$school->id}");
    }

    /** As of when it is told where others may have come since; null where all that there are have been read. */
    public function readAt(School $school, EvidenceReport $report): ?CarbonImmutable
    {
        return self::count($school) > self::FEW ? CarbonImmutable::instance($report->at) : null;
    }

    /** What a page of it tells of the reps: another name as soon as it tells of others. */
    public function mark(School $school): string
    {
        $count = self::count($school);

        return $count > self::FEW ? implode(' ', $this->lastRead($school)) : "all {$count}";
    }

    /** @return array{int, string} when they were read last, in seconds, and what the school's rows were at then */
    private function lastRead(School $school): array
    {
        return $this->kept->known("evidence-read:{$school->id}", Revision::ofCurriculum($school)) ?? [0, ''];
    }

    private static function count(School $school): int
    {
        return (int) DB::table('rep_counts')->where('school_id', $school->id)->value('count');
    }

    private static function revision(School $school): string
    {
        return Revision::of($school).CarbonImmutable::now()->format(' Y-m-d');
    }

    private function read(School $school, CarbonImmutable $now): EvidenceReport
    {
        $catalogue = $this->mapper->curriculum($school);
        $report = new EvidenceReport($catalogue, self::reps($school, $now), self::students($school), $now);
        $disputes = [];
        foreach ($report->model->disagree as $one) {
            $attack = $catalogue->attackOf($catalogue->answer($one->record->answer));
            $disputes[CellKey::of($attack, $attack->side($one->record->side))->text][] = $one;
        }
        $this->kept->keep("disputes:{$school->id}", '', self::SECONDS, $disputes);
        $this->kept->keep("evidence-read:{$school->id}", Revision::ofCurriculum($school), self::SECONDS, [
            $now->getTimestamp(),
            self::revision($school),
        ]);

        return $report;
    }

    /**
     * Where the floor and the mat disagreed when it was read last: nothing is read for it.
     *
     * @return array<string, non-empty-list<Disagreement>> by the cell's key
     */
    public function disputes(School $school): array
    {
        return $this->kept->latest("disputes:{$school->id}") ?? [];
    }

    /** @return list<Rep> */
    private static function reps(School $school, CarbonImmutable $now): array
    {
        $rows = DB::select(
            <<<'SQL'
            select r.id, s.code as student, t.code as attack, r.side, r.rung, r.outcome, r.at, w.code as answer,
                r.mistakes, r.touched, r.seconds, o.code as attacker
            from reps r join students s on s.id = r.student_id join attacks t on t.id = r.attack_id
                left join answers w on w.id = r.answer_id left join students o on o.id = r.attacker_id
            where r.school_id = ? and r.source <> 'home' and r.outcome <> 'stopped' and r.at <= ?
                and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
            order by r.at desc, r.id desc limit ?
            SQL
            ,
            [$school->id, $now->format('Y-m-d H:i:s.uP'), self::MOST],
        );

        return array_values(
            array_map(
                static fn (stdClass $row): Rep => new Rep(
                    $row->id,
                    $row->student,
                    $row->attack,
                    Side::from($row->side),
                    $row->rung,
                    Outcome::from($row->outcome),
                    new DateTimeImmutable($row->at),
                    new RepDetails(
                        answer: $row->answer,
                        mistakes: array_values(array_filter((array) json_decode($row->mistakes, true), is_string(...))),
                        touched: Touched::tryFrom((string) $row->touched),
                        seconds: $row->seconds === null ? null : (float) $row->seconds,
                        attacker: $row->attacker,
                    ),
                ),
                $rows,
            ),
        );
    }

    /** @return list<Student> */
    private static function students(School $school): array
    {
        return array_values(
            $school
                ->everyone()
                ->with('rank:id,code')
                ->get(['code', 'height', 'rank_id'])
                ->map(static fn (Row $row): Student => new Student($row->code, '', $row->rank->code, $row->height))
                ->all(),
        );
    }
}
