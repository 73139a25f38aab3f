<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\School;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Session\Teaching;

/** Mistakes that were seen lately, by the basics of the answers in which they were made. */
final readonly class BasicMistakes
{
    /** Weeks that are counted, and as many before them. */
    private const WEEKS = 6;

    /** Mistakes of a basic that are named. */
    private const NAMED = 3;

    /** Times that a mistake must have been seen lately. */
    private const SEEN = 3;

    /** @var array<string, array<string, array{int, int}>> lately and before, by basic, then mistake */
    private array $counts;

    public function __construct(School $school, Teaching $teaching, CarbonImmutable $at)
    {
        $rows = DB::select(<<<'SQL'
            select a.code, f.mistake, count(*) filter (where r.at > :since) as now, count(*) filter (where r.at <= :until) as before
            from reps r cross join lateral json_array_elements_text(r.mistakes) as f(mistake) join answers a on a.id = r.answer_id
            where r.school_id = :school and r.at > :from and r.at <= :at and r.mistakes::text <> '[]'
                and not exists (select 1 from reps later where later.school_id = r.school_id and later.replaces = r.id)
            group by a.code, f.mistake
            SQL, ['since' => $at->subWeeks(self::WEEKS), 'until' => $at->subWeeks(self::WEEKS), 'school' => $school->id, 'from' => $at->subWeeks(2 * self::WEEKS), 'at' => $at]);
        $counts = [];
        foreach ($rows as $row) {
            foreach ($teaching->basics($row->code) as $basic) {
                $counts[$basic][$row->mistake] = [($counts[$basic][$row->mistake][0] ?? 0) + (int) $row->now, ($counts[$basic][$row->mistake][1] ?? 0) + (int) $row->before];
            }
        }
        $this->counts = $counts;
    }

    /** @return array<string, list<string>> basics of which some mistakes grow, those that grow most first, with these mistakes */
    public function growing(): array
    {
        $growing = $by = [];
        foreach ($this->counts as $basic => $mistakes) {
            $more = array_filter(array_map(static fn (array $count): int => $count[0] >= self::SEEN ? $count[0] - $count[1] : 0, $mistakes), static fn (int $more): bool => $more > 0);
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
