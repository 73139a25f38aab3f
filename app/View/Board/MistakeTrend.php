<?php

declare(strict_types=1);

namespace App\View\Board;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** The mistakes seen most often of late, by attack and by student, beside the time before. */
final readonly class MistakeTrend
{
    /** Weeks from Monday that are counted, this one among them, and as many before them. */
    private const WEEKS = 6;

    private const SHOWN = 12;

    /** @var list<array{name: string, mistake: string, now: int, before: int}> */
    private array $byAttack;

    /** @var list<array{name: string, mistake: string, now: int, before: int}> */
    private array $byStudent;

    public function __construct(School $school, CarbonImmutable $at)
    {
        $end = $at->utc()->startOfWeek(CarbonImmutable::MONDAY)->addWeek();
        $this->byAttack = $this->count($school, $end, 'attack', 'attacks', 'title');
        $this->byStudent = $this->count($school, $end, 'student', 'students', 'name');
    }

    public function weeksInAll(): int
    {
        return 2 * self::WEEKS;
    }

    /**
     * @return list<array{title: string, head: list<string>, rows: list<array{name: string, mistake: string, now: int,
     *     before: int, trend: string}>}>
     */
    public function sections(): array
    {
        $sections = [];
        foreach (['attack' => $this->byAttack, 'student' => $this->byStudent] as $by => $rows) {
            $sections[] = [
                'title' => __('board.mistakes.by-'.$by),
                'head' => [
                    __('words.'.$by),
                    __('words.mistake'),
                    __('board.mistakes.late', ['weeks' => self::WEEKS]),
                    __('board.mistakes.before', ['weeks' => self::WEEKS]),
                ],
                'rows' => array_map(
                    static fn (array $row): array => [
                        ...$row,
                        'trend' => match ($row['now'] <=> $row['before']) {
                            1 => 'more',
                            -1 => 'fewer',
                            default => 'same',
                        },
                    ],
                    $rows,
                ),
            ];
        }

        return $sections;
    }

    /** @return list<array{name: string, mistake: string, now: int, before: int}> the most frequent of late first */
    private function count(School $school, CarbonImmutable $end, string $of, string $table, string $name): array
    {
        $since = $end->subWeeks(self::WEEKS);
        $rows = DB::select(
            <<<SQL
            select t.{$name} as name, m.mistake, m.now, m.before from (
                select whose, mistake, coalesce(sum(times) filter (where week >= :since), 0) as now,
                    coalesce(sum(times) filter (where week < :until), 0) as before
                from mistake_weeks where school_id = :school and of = :of and week >= :from and week < :end
                    group by 1, 2
            ) as m join {$table} t on t.id = m.whose where m.now + m.before > 0
                order by m.now desc, m.before desc, name, m.mistake limit :shown
            SQL
            ,
            [
                'since' => $since,
                'until' => $since,
                'school' => $school->id,
                'of' => $of,
                'from' => $end->subWeeks(2 * self::WEEKS),
                'end' => $end,
                'shown' => self::SHOWN,
            ],
        );

        return array_values(
            array_map(static function (object $row): array {
                ['name' => $name, 'mistake' => $mistake, 'now' => $now, 'before' => $before] = (array) $row;

                return [
                    'name' => (string) $name,
                    'mistake' => (string) $mistake,
                    'now' => (int) $now,
                    'before' => (int) $before,
                ];
            }, $rows),
        );
    }
}
