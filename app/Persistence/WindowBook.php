<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Window;

/** What is kept of the reps of a school's students, brought up to date before it is read. */
final readonly class WindowBook
{
    /** Pairs of student and attack that are worked out at once. */
    private const CHUNK = 500;

    /** @var array<int, Attack> by the id of the row */
    private array $attacks;

    /** @var list<int> ids of rows that cannot be read: their reps wait until they are mended */
    private array $unreadable;

    private Ladder $ladder;

    private ProofRules $rules;

    /** @param Catalogue $catalogue what the school teaches */
    public function __construct(private School $school, Catalogue $catalogue)
    {
        $ids = $school->attacks->pluck('id', 'code')->all();
        $byRow = [];
        foreach ($catalogue->attacks as $attack) {
            $byRow[$ids[$attack->id]] = $attack;
        }
        [$this->attacks, $this->ladder] = [$byRow, $catalogue->ladder];
        $this->rules = ProofRules::of($catalogue->school->proof);
        $this->unreadable = array_values(array_diff($ids, array_keys($byRow)));
    }

    /**
     * @param list<int> $students ids of the rows
     *
     * @return array<int, array<string, Window>> by the id of the student's row, then the cell's key
     */
    public function of(array $students, DateTimeImmutable $at): array
    {
        $this->refresh($students);
        $windows = array_fill_keys($students, []);
        $ahead = [];
        foreach ($this->rows()->whereIn('student_id', $students)->where('count', '>', 0)->get(['student_id', 'attack_id', 'side', 'tries', 'ever', 'count', 'last']) as $row) {
            $window = new Window(json_decode($row->tries, true), $row->ever, $row->count, $row->last, $this->rules);
            if ($window->reaches($at)) {
                $windows[$row->student_id][CellKey::of($this->attacks[$row->attack_id], Side::from($row->side))->text] = $window;
            } else {
                $ahead[] = [$row->student_id, $row->attack_id];
            }
        }
        // A clock that goes ahead has recorded what has not been yet: what lies before is read from the reps themselves.
        foreach ($this->work($ahead, $at) as [$student, $attack, $side, $window]) {
            $windows[$student][CellKey::of($this->attacks[$attack], Side::from($side))->text] = $window;
        }

        return $windows;
    }

    /**
     * How far the job is that works out what many reps touch.
     *
     * @return ?array{done: int, all: int} null where there is little left to do
     */
    public static function progress(School $school): ?array
    {
        $left = DB::table('proof_windows')->where('school_id', $school->id)->where('is_stale', true)->count();
        $all = $left < self::CHUNK ? 0 : DB::table('proof_windows')->where('school_id', $school->id)->count();

        return $all === 0 ? null : ['done' => $all - $left, 'all' => $all];
    }

    /** @param list<int> $students ids of the rows */
    private function refresh(array $students): void
    {
        do {
            $done = DB::transaction(function () use ($students): int {
                $stale = $this->stale($students)->limit(self::CHUNK)->distinct()->get(['student_id', 'attack_id']);
                $pairs = array_values($stale->map(static fn ($row): array => [$row->student_id, $row->attack_id])->all());
                if ($pairs === []) {
                    return 0;
                }
                // Whoever adds a rep now waits for these rows, and marks them again afterwards.
                $this->among($this->rows(), $pairs)->orderBy('student_id')->orderBy('attack_id')->orderBy('side')->lockForUpdate()->get(['side']);
                $rows = array_map(fn (array $found): array => [
                    'school_id' => $this->school->id,
                    'student_id' => $found[0],
                    'attack_id' => $found[1],
                    'side' => $found[2],
                    'tries' => json_encode($found[3]->tries, JSON_PRESERVE_ZERO_FRACTION),
                    'ever' => $found[3]->ever,
                    'count' => $found[3]->count,
                    'last' => $found[3]->last,
                    'is_stale' => false,
                    'rules' => $this->rules->mark(),
                ], $this->work($pairs));
                DB::table('proof_windows')->upsert($rows, ['school_id', 'student_id', 'attack_id', 'side'], ['tries', 'ever', 'count', 'last', 'is_stale', 'rules']);
                // What has no reps of its own any more: a side of an attack whose sides have become one.
                $this->among($this->stale($students), $pairs)->update(['is_stale' => false, 'count' => 0, 'last' => null, 'tries' => '[]', 'ever' => null, 'rules' => $this->rules->mark()]);

                return count($pairs);
            });
        } while ($done === self::CHUNK);
    }

    /** @param list<int> $students ids of the rows */
    private function stale(array $students): Builder
    {
        return $this->rows()->where(fn (Builder $query) => $query->where('is_stale', true)->orWhere('rules', '<>', $this->rules->mark()))->whereIn('student_id', $students);
    }

    /**
     * @param list<array{int, int}> $pairs ids of the rows of student and attack
     *
     * @return list<array{int, int, string, Window}> student, attack, side
     */
    private function work(array $pairs, ?DateTimeImmutable $until = null): array
    {
        if ($pairs === []) {
            return [];
        }
        $isOne = array_map(fn (array $pair): string => $this->attacks[$pair[1]]->isSymmetric() ? 't' : 'f', $pairs);
        // Pair by pair: with many at once the database would rather read all reps there are. A side is told in one row, which is read in a tenth of the time that its reps would take.
        $sides = DB::select(<<<'SQL'
            select pair.student, pair.attack, r.side, r.tries from (select distinct * from unnest(?::bigint[], ?::bigint[], ?::boolean[])) as pair(student, attack, is_one) cross join lateral (
                select case when pair.is_one then 'written' else side end as side,
                    string_agg(extract(epoch from at)::bigint || ' ' || rung || ' ' || outcome, ',' order by at, id) filter (where source is distinct from ?) as tries
                from reps where school_id = ? and student_id = pair.student and attack_id = pair.attack and at <= coalesce(?::timestamptz, 'infinity')
                    and not exists (select 1 from reps later where later.school_id = reps.school_id and later.replaces = reps.id)
                group by 1
            ) as r
            SQL, [...self::arrays($pairs), '{'.implode(',', $isOne).'}', Source::Home->value, $this->school->id, $until?->format('Y-m-d H:i:s.uP')]);
        $credits = array_map(static fn (Outcome $outcome): ?float => $outcome->credit(), array_column(Outcome::cases(), null, 'value'));
        $found = [];
        foreach ($sides as $side) {
            $tries = [];
            foreach ($side->tries === null ? [] : explode(',', $side->tries) as $try) {
                [$at, $rung, $outcome] = explode(' ', $try);
                if ($credits[$outcome] !== null) {
                    $tries[] = [(int) $at, (int) $rung, $credits[$outcome]];
                }
            }
            $found[] = [$side->student, $side->attack, $side->side, Window::ofTries($tries, $this->ladder, $this->rules)];
        }

        return $found;
    }

    private function rows(): Builder
    {
        return DB::table('proof_windows')->where('school_id', $this->school->id)->whereNotIn('attack_id', $this->unreadable);
    }

    /** @param list<array{int, int}> $pairs */
    private function among(Builder $query, array $pairs): Builder
    {
        return $query->whereRaw('(student_id, attack_id) in (select * from unnest(?::bigint[], ?::bigint[]))', self::arrays($pairs));
    }

    /**
     * @param list<array{int, int}> $pairs
     *
     * @return array{string, string} their first and their second numbers, as the database writes arrays
     */
    private static function arrays(array $pairs): array
    {
        return ['{'.implode(',', array_column($pairs, 0)).'}', '{'.implode(',', array_column($pairs, 1)).'}'];
    }
}
