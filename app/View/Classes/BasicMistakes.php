<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneDrill\Core\Session\Teaching;

/** Mistakes that were seen lately until a moment, by the basics of the answers in which they were made. */
final readonly class BasicMistakes
{
    /** Weeks that are counted, that of the class among them, and as many before them. */
    private const WEEKS = 6;

    /** Mistakes of a basic that are named. */
    private const NAMED = 3;

    /** Times that a mistake must have been seen lately. */
    private const SEEN = 3;

    /** How much more often it must be, beside the tries. */
    private const GROWTH = 1.25;

    /** @var array<string, array<string, array{int, int}>> lately and before, by basic, then mistake */
    private array $counts;

    /** @var array<string, array{int, int}> tries with a basic, lately and before */
    private array $tries;

    public function __construct(School $school, private Teaching $teaching, CarbonImmutable $at)
    {
        $end = $at->utc()->startOfWeek(CarbonImmutable::MONDAY)->addWeek();
        $since = $end->subWeeks(self::WEEKS);
        $in = [
            'since' => $since,
            'until' => $since,
            'school' => $school->id,
            'from' => $end->subWeeks(2 * self::WEEKS),
            'end' => $end,
            'at' => $at->format('Y-m-d H:i:sP'),
        ];
        // What came later is taken from what is counted.
        $this->tries = array_map(
            static fn (array $of): array => $of[''],
            $this->sum(
                DB::select(
                    <<<'SQL'
                    select a.code, '' as mistake, sum(w.tries) filter (where w.week >= :since) as now,
                        sum(w.tries) filter (where w.week < :until) as before
                    from (
                        select answer_id, week, tries from rep_weeks where school_id = :school and week >= :from
                            and week < :end
                        union all
                        select r.answer_id, date_trunc('week', r.at at time zone 'UTC')::date, -1 from reps r
                            where r.school_id = :school and r.at > :at and r.at < cast(:end as date) at time zone 'UTC'
                            and not exists (select 1 from reps later where later.school_id = r.school_id
                                and later.replaces = r.id)
                    ) w join answers a on a.id = w.answer_id
                    group by a.code
                    SQL
                    ,
                    $in,
                ),
            ),
        );
        $this->counts = $this->sum(
            DB::select(
                <<<'SQL'
                select a.code, w.mistake, sum(w.times) filter (where w.week >= :since) as now,
                    sum(w.times) filter (where w.week < :until) as before
                from (
                    select whose, mistake, week, times from mistake_weeks where school_id = :school and of = 'answer'
                        and week >= :from and week < :end
                    union all
                    select r.answer_id, m.mistake, date_trunc('week', r.at at time zone 'UTC')::date, -1
                    from reps r cross join lateral json_array_elements_text(r.mistakes::json) as m(mistake)
                        where r.school_id = :school and r.at > :at and r.at < cast(:end as date) at time zone 'UTC'
                        and not exists (select 1 from reps later where later.school_id = r.school_id
                            and later.replaces = r.id)
                ) w join answers a on a.id = w.whose
                group by a.code, w.mistake
                SQL
                ,
                $in,
            ),
        );
    }

    /**
     * @param array<int, stdClass> $rows of answers
     *
     * @return array<string, array<string, array{int, int}>> the same by basic, then mistake
     */
    private function sum(array $rows): array
    {
        $sums = [];
        foreach ($rows as $row) {
            foreach ($this->teaching->basics($row->code) as $basic) {
                [$now, $before] = $sums[$basic][$row->mistake] ?? [0, 0];
                $sums[$basic][$row->mistake] = [$now + (int) $row->now, $before + (int) $row->before];
            }
        }

        return $sums;
    }

    /**
     * @return array<string, list<string>> basics of which some mistakes grow, those that grow most first, with these
     *     mistakes
     */
    public function growing(): array
    {
        $growing = $by = [];
        foreach ($this->counts as $basic => $mistakes) {
            [$now, $before] = $this->tries[$basic];
            // What there is more of than as many tries as before would have had.
            $more = array_filter(
                array_map(
                    static fn (array $count): float => $count[0] < self::SEEN
                        ? 0.0
                        : $count[0] - (self::GROWTH * $count[1] * $now) / max(1, $before),
                    $mistakes,
                ),
                static fn (float $more): bool => $more > 0,
            );
            arsort($more);
            if ($more !== []) {
                $growing[$basic] = array_map(strval(...), array_slice(array_keys($more), 0, self::NAMED));
                $by[$basic] = array_sum($more);
            }
        }
        uksort($growing, static fn (string $a, string $b): int => [$by[$b], $a] <=> [$by[$a], $b]);

        return $growing;
    }

    /** @return list<string> what is seen most often in a basic */
    public function usual(string $basic): array
    {
        $counts = array_map(static fn (array $count): int => $count[0], $this->counts[$basic] ?? []);
        arsort($counts);

        return array_map(strval(...), array_slice(array_keys(array_filter($counts)), 0, self::NAMED));
    }
}
