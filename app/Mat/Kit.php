<?php

declare(strict_types=1);

namespace App\Mat;

use App\Catalogue\CatalogueMapper;
use App\Catalogue\WindowBook;
use App\Models\DrillList;
use App\Models\DrillListItem;
use App\Models\School;
use App\Models\Student;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use StoneDrill\Core\Answer\Answer;
use StoneDrill\Core\Attack\Wording\AttackWords;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Pressure\Pool;
use StoneDrill\Core\Pressure\ProofState;
use StoneDrill\Core\Pressure\RepLimits;
use StoneDrill\Core\Pressure\Rung;
use StoneDrill\Core\Pressure\Ticket;
use StoneDrill\Core\Pressure\Window;

/** Everything the mat needs to run a drill with no network: who can be drilled on what, how much each is wanted, and how it is said. */
final readonly class Kit
{
    /** People whom a device takes along. */
    public const MAX = 120;

    public Catalogue $catalogue;

    /** @var list<Cell> */
    public array $cells;

    public DrillFilter $filter;

    private Pool $pool;

    /** @var Collection<int, DrillList> */
    private Collection $lists;

    /** @var array<int, list<string>> families of the last two tries, the newest first, by the id of the student's row */
    private array $latest;

    /** @var array<int, array<string, Window>> by the id of the student's row, then `attack side` */
    private array $windows;

    /** @param Collection<int, Student> $students those who go along, with their ranks */
    public function __construct(private School $school, private CatalogueMapper $mapper, private CarbonImmutable $at, public Collection $students)
    {
        $this->catalogue = $mapper->curriculum($school);
        $this->cells = Coverage::of($this->catalogue)->cells;
        $this->lists = $school->drillLists()->with('items.attack')->get();
        $this->filter = new DrillFilter($this->catalogue, $this->lists);
        $this->latest = $this->latest();
        $this->pool = new Pool($this->catalogue, $this->cells, $at);
        $this->windows = (new WindowBook($school, $this->catalogue))->of(array_values($this->students->map(static fn (Student $student): int => $student->id)->all()), $at);
    }

    /**
     * Those whom the mat knows: all of a school, or those of a large one who were here last. Who is looked for comes first.
     *
     * @param string $find a part of names, empty for nobody in particular
     *
     * @return Collection<int, Student>
     */
    public static function of(School $school, string $find = ''): Collection
    {
        // What is not worked out anew yet is of a rep that has just come.
        $latest = DB::table('proof_windows')->where('school_id', $school->id)->groupBy('student_id')->selectRaw('student_id, max(case when is_stale then extract(epoch from now()) else last end) as last');

        return $school->students()->with('rank')->leftJoinSub($latest, 'latest', 'latest.student_id', '=', 'students.id')
            ->reorder()->when($find !== '', static fn ($query) => $query->orderByRaw('name ilike ? desc', ['%'.addcslashes($find, '\\%_').'%']))->orderByRaw('latest.last desc nulls last')->orderBy('name')->limit(self::MAX)->get('students.*')
            ->sortBy(static fn (Student $student): array => [$find !== '' && ! Str::contains($student->name, $find, true), $student->name])->values();
    }

    /** @return array<string, mixed> as JSON has it; cells, answers and students are named by their places or ids of rows */
    public function toArray(User $by): array
    {
        $places = [];
        foreach ($this->cells as $place => $cell) {
            $places[$cell->attack->id.' '.$cell->side->value] = $place;
        }

        return [
            'school' => $this->school->id,
            'by' => Recorder::token($by),
            'limits' => ['seconds' => RepLimits::SECONDS, 'faults' => RepLimits::FAULTS, 'fault' => RepLimits::FAULT, 'stressor' => RepLimits::STRESSOR, 'reason' => RepLimits::REASON, 'sentAtOnce' => RepLimits::SENT_AT_ONCE],
            'at' => $this->at->toIso8601String(),
            'rungs' => array_map($this->rung(...), $this->catalogue->ladder->rungs),
            'cells' => $this->cells(),
            'answers' => $this->answers(),
            'students' => array_values($this->students->map(fn (Student $student): array => $this->student($student, $places))->all()),
            'filters' => $this->filter->all($this->cells),
            'usualRung' => $this->usualRung(),
            'lists' => array_values($this->lists->map(fn (DrillList $list): array => $this->list($list, $places))->all()),
        ];
    }

    /** @return list<string> why a student is not drilled on what her rank needs */
    public function barred(Student $student): array
    {
        return $this->pool->barred($this->mapper->student($student));
    }

    /** @return list<Ticket> what a student can be drilled on, within some families or a list */
    public function tickets(Student $student, int $rung): array
    {
        return $this->pool->tickets($this->mapper->student($student), $rung, $this->windows[$student->id]);
    }

    /** @return list<Answer> those of a cell that a student knows and may drill */
    public function answersOf(Student $student, Cell $cell): array
    {
        return $this->pool->answers($this->mapper->student($student), $cell);
    }

    public function isYouth(Student $student): bool
    {
        return $this->mapper->student($student)->isYouthOn($this->at);
    }

    /** The goal rung that most of those who go along have. */
    private function usualRung(): int
    {
        return $this->students->isEmpty() ? 4 : (int) $this->students->map(static fn (Student $student): int => $student->rank->goal_rung)->mode()[0];
    }

    /** What a student has proven against a cell at the goal rung of her rank, in words. */
    public function proofOf(Student $student, Cell $cell): ProofLine
    {
        return new ProofLine($this->mapper->student($student), $cell->attack, $cell->side, $student->rank->goal_rung, $this->windows[$student->id][$cell->attack->id.' '.$cell->side->value] ?? Window::empty(), $this->at);
    }

    /** Its state alone. */
    public function stateOf(Student $student, Cell $cell): ProofState
    {
        return ($this->windows[$student->id][$cell->attack->id.' '.$cell->side->value] ?? null)?->state($student->rank->goal_rung, $this->at) ?? ProofState::Untried;
    }

    /** @return array<int, list<string>> */
    private function latest(): array
    {
        $attacks = array_column($this->catalogue->attacks, null, 'id');
        $codes = $this->school->attacks->pluck('code', 'id');
        $ids = $this->students->map(static fn (Student $student): int => $student->id)->all();
        if ($ids === []) {
            return [];
        }
        $places = implode(', ', array_fill(0, count($ids), '?'));
        $rows = DB::select(<<<SQL
            select s.id, r.attack_id from students s cross join lateral (
                select attack_id, at, reps.id from reps where school_id = s.school_id and student_id = s.id
                    and not exists (select 1 from reps later where later.school_id = reps.school_id and later.replaces = reps.id)
                order by at desc, reps.id desc limit 2
            ) r where s.school_id = ? and s.id in ({$places}) order by s.id, r.at desc, r.id desc
            SQL, [$this->school->id, ...array_values($ids)]);
        $latest = [];
        foreach ($rows as $row) {
            $attack = $attacks[$codes[$row->attack_id]] ?? null;
            if ($attack !== null) {
                $latest[$row->id][] = $attack->kind->family->value;
            }
        }

        return $latest;
    }

    /** @return array<string, mixed> */
    private function rung(Rung $rung): array
    {
        return ['id' => $rung->id, 'name' => $rung->name, 'attackTold' => $rung->attackTold, 'momentTold' => $rung->momentTold, 'followUps' => $rung->followUps, 'stressors' => $rung->stressors];
    }

    /** @return list<array<string, mixed>> */
    private function cells(): array
    {
        $ids = $this->school->attacks->pluck('id', 'code');
        $words = new AttackWords($this->mapper->kinds($this->school));

        return array_map(static fn (Cell $cell): array => [
            'attack' => $ids[$cell->attack->id],
            'side' => $cell->side->value,
            'title' => $cell->attack->title,
            'mirrored' => $cell->side->value === 'mirrored',
            'family' => $cell->attack->kind->family->value,
            'said' => $words->say($cell->attack->kind, $cell->facets),
            'need' => $cell->attack->neededBy,
            'cautions' => $cell->attack->allCautions(),
        ], $this->cells);
    }

    /** @return array<int, array<string, mixed>> by the id of the row */
    private function answers(): array
    {
        $ids = $this->school->answers->pluck('id', 'code');
        $answers = [];
        foreach ($this->catalogue->answers as $answer) {
            $answers[$ids[$answer->id]] = ['title' => $answer->title, 'faults' => $answer->faults, 'whatIfs' => $answer->beats->whatIfs()];
        }

        return $answers;
    }

    /**
     * @param array<string, int> $places of the cells
     *
     * @return array<string, mixed>
     */
    private function student(Student $student, array $places): array
    {
        $ids = $this->school->answers->pluck('id', 'code');
        $weights = $factors = [];
        foreach ($this->catalogue->ladder->ids() as $rung) {
            foreach ($this->tickets($student, $rung) as $ticket) {
                $place = $places[$ticket->cell->attack->id.' '.$ticket->cell->side->value];
                $weights[$place][] = round($ticket->weight(), 4);
                $factors[$place] = $ticket->urgency();
            }
        }
        $tickets = [];
        foreach ($weights as $place => $ofRungs) {
            $cell = $this->cells[$place];
            $proof = $this->proofOf($student, $cell);
            $tickets[] = [
                'cell' => $place,
                'weights' => $ofRungs,
                'factor' => round(($factors[$place]), 4),
                'holds' => $proof->state === ProofState::Holds,
                'proof' => $proof->says(),
                'answers' => array_map(static fn (Answer $answer): int => $ids[$answer->id], $this->answersOf($student, $cell)),
            ];
        }

        $isYouth = $this->isYouth($student);
        $notes = implode(' · ', array_filter([$student->rank->name, $isYouth ? 'under 16' : '', implode(', ', $student->flags)]));

        return ['id' => $student->id, 'name' => $student->name, 'notes' => $notes, 'isYouth' => $isYouth, 'rank' => $student->rank->code, 'goal' => $student->rank->goal_rung, 'latest' => $this->latest[$student->id] ?? [], 'tickets' => $tickets, 'barred' => $this->barred($student)];
    }

    /**
     * @param array<string, int> $places of the cells
     *
     * @return array<string, mixed>
     */
    private function list(DrillList $list, array $places): array
    {
        return ['id' => $list->id, 'name' => $list->name, 'items' => array_values($list->items->filter(static fn (DrillListItem $item): bool => isset($places[$item->attack->code.' written']))->map(static fn (DrillListItem $item): array => [
            'cell' => $places[$item->attack->code.' '.$item->side] ?? $places[$item->attack->code.' written'],
            'otherwise' => implode(', ', array_map(static fn (string $facet, string $value): string => "{$facet} {$value}", array_keys($item->otherwise), $item->otherwise)),
        ])->all())];
    }
}
