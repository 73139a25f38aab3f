<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use DateTimeImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\CellKey;
use StoneDrill\Core\Curriculum\Ladder;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Touched;
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
        $ids = $school->attackIds();
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
     * @param ?int      $attack   id of the row of the only one that is asked for; null for all of them
     *
     * @return array<int, array<string, Window>> by the id of the student's row, then the cell's key
     */
    public function of(array $students, DateTimeImmutable $at, ?int $attack = null): array
    {
        $windows = array_fill_keys($students, []);
        $ahead = $keys = [];
        foreach ($this->read($students, $attack) as $row) {
            $window = new Window(json_decode($row->tries, true), $row->ever, $row->count, $row->last, $this->rules);
            if ($window->reaches($at)) {
                $key = $keys["{$row->attack_id} {$row->side}"] ??= CellKey::of(
                    $this->attacks[$row->attack_id],
                    Side::from($row->side),
                )->text;
                $windows[$row->student_id][$key] = $window;
            } else {
                $ahead[] = [$row->student_id, $row->attack_id];
            }
        }
        // A clock that goes ahead has recorded what has not been yet: what lies before is read from the reps
        // themselves.
        foreach ($this->work($ahead, $at) as [$student, $attack, $side, $window]) {
            $windows[$student][CellKey::of($this->attacks[$attack], Side::from($side))->text] = $window;
        }

        return $windows;
    }

    /**
     * The same of everything that the school has, worked out from the reps themselves and kept nowhere: what there
     * would be by other rules.
     *
     * @return array<int, list<Window>> by the id of the student's row
     */
    public function unkept(DateTimeImmutable $at): array
    {
        $pairs = $this->rows()->distinct()->get(['student_id', 'attack_id']);
        $windows = [];
        foreach ($pairs->chunk(self::CHUNK) as $chunk) {
            $ids = $chunk->map(static fn (stdClass $row): array => [$row->student_id, $row->attack_id]);
            foreach ($this->work(array_values($ids->all()), $at) as [$student, , , $window]) {
                $windows[$student][] = $window;
            }
        }

        return $windows;
    }

    /**
     * Of whom there is something new.
     *
     * @return array<int, array{int, bool}> of each student who was tried a number, which is another one as soon as a
     *     rep came or was corrected, and whether some of what is kept is old; by the id of the row
     */
    public function turns(): array
    {
        $rows = DB::select(
            <<<'SQL'
            select s.student_id, s.count + coalesce(c.count, 0) as turn, w.student_id is not null as is_old
            from student_reps s
                left join (
                    select distinct student_id from proof_windows
                    where school_id = ? and is_stale and attack_id <> all(?::bigint[])
                ) w using (student_id)
                left join (
                    select r.student_id, count(*) from reps_corrected_elsewhere e
                        join reps r on r.school_id = e.school_id and r.id = e.rep_id
                    where e.school_id = ? group by r.student_id
                ) c using (student_id)
            where s.school_id = ?
            SQL
            ,
            [$this->school->id, '{'.implode(',', $this->unreadable).'}', $this->school->id, $this->school->id],
        );

        return array_map(
            static fn (stdClass $row): array => [$row->turn, $row->is_old],
            array_column($rows, null, 'student_id'),
        );
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

    /**
     * @param list<int> $students ids of the rows
     *
     * @return list<stdClass> what is kept of them, brought up to date
     */
    private function read(array $students, ?int $attack): array
    {
        // Asked for with what is read: to look for it by itself takes half as long again.
        $rows = $this->rows()
            ->whereIn('student_id', $students)
            ->when($attack !== null, static fn (Builder $query) => $query->where('attack_id', $attack))
            ->get(['student_id', 'attack_id', 'side', 'tries', 'ever', 'count', 'last', 'is_stale', 'rules'])
            ->all();
        $pairs = [];
        foreach ($rows as $row) {
            if ($this->isOld($row)) {
                $pairs["{$row->student_id} {$row->attack_id}"] = [$row->student_id, $row->attack_id];
            }
        }
        if ($pairs !== []) {
            $rows = [
                ...array_filter(
                    $rows,
                    static fn (stdClass $row): bool => ! isset($pairs["{$row->student_id} {$row->attack_id}"]),
                ),
                ...$this->refresh(array_values($pairs)),
            ];
        }

        return array_values(array_filter($rows, static fn (stdClass $row): bool => $row->count > 0));
    }

    private function isOld(stdClass $row): bool
    {
        return $row->is_stale || $row->rules !== $this->rules->mark();
    }

    /**
     * @param list<array{int, int}> $stale pairs of students, and of attacks, that are to be worked out
     *
     * @return list<stdClass> what is kept of them now
     */
    private function refresh(array $stale): array
    {
        $fresh = [];
        foreach (array_chunk($stale, self::CHUNK) as $pairs) {
            array_push($fresh, ...Aside::keep(fn (): array => DB::transaction(fn (): array => $this->write($pairs))));
        }

        return $fresh;
    }

    /**
     * @param list<array{int, int}> $pairs
     *
     * @return list<stdClass> what was written
     */
    private function write(array $pairs): array
    {
        // Whoever adds a rep now waits for these rows, and marks them again afterwards.
        $before = $this->among($this->rows(), $pairs)
            ->orderBy('student_id')
            ->orderBy('attack_id')
            ->orderBy('side')
            ->lockForUpdate()
            ->get(['student_id', 'attack_id', 'side', 'is_stale', 'rules']);
        $rows = [];
        foreach ($this->work($pairs) as [$student, $attack, $side, $window]) {
            $rows["{$student} {$attack} {$side}"] = [
                'school_id' => $this->school->id,
                'student_id' => $student,
                'attack_id' => $attack,
                'side' => $side,
                'tries' => json_encode($window->tries, JSON_PRESERVE_ZERO_FRACTION),
                'ever' => $window->ever,
                'count' => $window->count,
                'last' => $window->last,
                'is_stale' => false,
                'rules' => $this->rules->mark(),
            ];
        }
        DB::table('proof_windows')->upsert(
            array_values($rows),
            ['school_id', 'student_id', 'attack_id', 'side'],
            ['tries', 'ever', 'count', 'last', 'is_stale', 'rules'],
        );
        // What has no counted rep of its own any more: reps at home alone, or a side of an attack whose sides have
        // become one.
        if (
            $before->contains(
                fn (stdClass $row): bool => $this->isOld($row)
                    && ! isset($rows["{$row->student_id} {$row->attack_id} {$row->side}"]),
            )
        ) {
            $this->among(
                $this->rows()->where(
                    fn (Builder $query) => $query
                        ->where('is_stale', true)
                        ->orWhere('rules', '<>', $this->rules->mark()),
                ),
                $pairs,
            )->update([
                'is_stale' => false,
                'count' => 0,
                'last' => null,
                'tries' => '[]',
                'ever' => null,
                'rules' => $this->rules->mark(),
            ]);
        }

        return array_map(static fn (array $row): stdClass => (object) $row, array_values($rows));
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
        // Pair by pair: with many at once the database would rather read all reps there are. A pair is told in one row,
        // a try in one number, which is read in a third of the time that its reps would take.
        $rows = DB::select(
            <<<'SQL'
            select pair.student, pair.attack, array((
                select ((extract(epoch from at)::bigint * 100 + rung) * 10 + case
                    when outcome = ? and touched in ('body', 'head') then 0
                    else array_position(?::text[], outcome::text) end) * 2 + (side = ?)::int
                from reps where school_id = ? and student_id = pair.student and attack_id = pair.attack
                    and at <= coalesce(?::timestamptz, 'infinity') and source is distinct from ?
                    and id <> all(array(
                        select c.replaces from reps c where c.school_id = ? and c.student_id = pair.student
                            and c.attack_id = pair.attack and c.replaces is not null
                        union all select e.rep_id from reps_corrected_elsewhere e where e.school_id = ?
                    ))
                order by at, id
            )) as tries from (select distinct * from unnest(?::bigint[], ?::bigint[])) as pair(student, attack)
            SQL
            ,
            [
                Outcome::Scraped->value,
                '{'.implode(',', array_column(Outcome::cases(), 'value')).'}',
                Side::Mirrored->value,
                $this->school->id,
                $until?->format('Y-m-d H:i:s.uP'),
                Source::Home->value,
                $this->school->id,
                $this->school->id,
                ...self::arrays($pairs),
            ],
        );
        $credits = [
            $this->rules->credit(Outcome::Scraped, Touched::Body),
            ...array_map($this->rules->credit(...), Outcome::cases()),
        ];
        $found = [];
        foreach ($rows as $row) {
            $bySide = [];
            $sides = $this->attacks[$row->attack]->isSymmetric()
                ? [Side::Written, Side::Written]
                : [Side::Written, Side::Mirrored];
            foreach ($row->tries === '{}' ? [] : explode(',', substr($row->tries, 1, -1)) as $number) {
                $try = (int) $number >> 1;
                $credit = $credits[$try % 10];
                if ($credit !== null) {
                    $bySide[$sides[(int) $number & 1]->value][] = [intdiv($try, 1000), intdiv($try, 10) % 100, $credit];
                }
            }
            foreach ($bySide as $side => $tries) {
                $found[] = [$row->student, $row->attack, $side, Window::ofTries($tries, $this->ladder, $this->rules)];
            }
        }

        return $found;
    }

    private function rows(): Builder
    {
        return DB::table('proof_windows')
            ->where('school_id', $this->school->id)
            ->whereNotIn('attack_id', $this->unreadable);
    }

    /** @param list<array{int, int}> $pairs */
    private function among(Builder $query, array $pairs): Builder
    {
        return $query->whereRaw(
            '(student_id, attack_id) in (select * from unnest(?::bigint[], ?::bigint[]))',
            self::arrays($pairs),
        );
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
