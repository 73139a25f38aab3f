<?php

declare(strict_types=1);

namespace App\View\Drill;

use App\Models\DrillList;
use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Proof\Window;

/**
 * Everything the mat needs to run a drill with no network: who can be drilled on what, how much each is wanted, and how
 * it is said.
 */
final readonly class Kit
{
    /** People whom a device takes along. */
    public const MAX = 120;

    public Catalogue $catalogue;

    /** @var list<Cell> */
    public array $cells;

    public DrillFilter $filter;

    private Pool $pool;

    /** @var array<int, CoreStudent> by the id of the student's row */
    private array $people;

    /** @var Collection<int, DrillList> */
    public Collection $lists;

    /**
     * @var array<int, list<string>> families of the last two tries, the newest first, by the id of the student's row
     */
    private array $latest;

    /** @var array<int, array<string, Window>> by the id of the student's row, then the cell's key */
    private array $windows;

    /**
     * @param Collection<int, Student> $students those who go along, with their ranks
     * @param list<Preparation>        $prepared what the ways to coming tests have taught and had drilled
     */
    public function __construct(
        public School $school,
        CatalogueMapper $mapper,
        CoverageBook $coverages,
        public CarbonImmutable $at,
        public Collection $students,
        array $prepared,
    ) {
        $this->catalogue = $mapper->curriculum($school);
        $this->cells = $coverages->of($school)->cells;
        $this->lists = $school->drillLists()->with('items.attack')->get();
        $this->people = $students
            ->mapWithKeys(static fn (Student $student): array => [$student->id => $mapper->student($student)])
            ->all();
        $this->filter = new DrillFilter($this->catalogue, $this->lists);
        $this->latest = $this->latest();
        $this->pool = $coverages->poolOf($school, array_values($this->people), $at, $prepared);
        $this->windows = (new WindowBook($school, $this->catalogue))->of(
            array_values($this->students->map(static fn (Student $student): int => $student->id)->all()),
            $at,
        );
    }

    /**
     * Those whom the mat knows: all of a school, or those of a large one who were here last. Who is looked for comes
     * first.
     *
     * @param string $find a part of names, empty for nobody in particular
     *
     * @return Collection<int, Student>
     */
    public static function of(School $school, string $find = ''): Collection
    {
        return self::lastHere($school, $find)
            ->limit(self::MAX)
            ->get('students.*')
            ->sortBy(
                static fn (Student $student): array => [
                    $find !== '' && ! Str::contains($student->name, $find, true),
                    $student->name,
                ],
            )
            ->values();
    }

    /** @return Builder<Student> everybody, with their ranks: who is looked for first, then who was here last */
    public static function lastHere(School $school, string $find = ''): Builder
    {
        return $school
            ->students()
            ->getQuery()
            ->with('rank')
            ->leftJoin('student_reps', 'student_reps.student_id', '=', 'students.id')
            ->reorder()
            ->when(
                $find !== '',
                static fn ($query) => $query->orderByRaw('name ilike ? desc', ['%'.addcslashes($find, '\\%_').'%']),
            )
            ->orderByRaw('student_reps.last_at desc nulls last')
            ->orderBy('name');
    }

    public function person(Student $student): KitPerson
    {
        return new KitPerson(
            $this->pool,
            $this->people[$student->id],
            $student->rank->goal_rung,
            $this->windows[$student->id],
            $this->at,
        );
    }

    /** @return list<string> families of the last two tries, the newest first */
    public function latestOf(Student $student): array
    {
        return $this->latest[$student->id] ?? [];
    }

    /** @return array<int, list<string>> */
    private function latest(): array
    {
        $codes = $this->school->attacks->pluck('code', 'id');
        $ids = $this->students->map(static fn (Student $student): int => $student->id)->all();
        if ($ids === []) {
            return [];
        }
        $places = implode(', ', array_fill(0, count($ids), '?'));
        $rows = DB::select(
            <<<SQL
            select s.id, r.attack_id from students s cross join lateral (
                select attack_id, at, reps.id from reps where school_id = s.school_id and student_id = s.id
                    and not exists (select 1 from reps later where later.school_id = reps.school_id
                        and later.replaces = reps.id)
                order by at desc, reps.id desc limit 2
            ) r where s.school_id = ? and s.id in ({$places}) order by s.id, r.at desc, r.id desc
            SQL
            ,
            [$this->school->id, ...array_values($ids)],
        );
        $latest = [];
        foreach ($rows as $row) {
            $code = $codes[$row->attack_id];
            if ($this->catalogue->hasAttack($code)) {
                $latest[$row->id][] = $this->catalogue->attack($code)->kind->family->value;
            }
        }

        return $latest;
    }
}
