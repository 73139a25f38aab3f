<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\PartnerBook;
use App\Persistence\PreparationBook;
use App\Persistence\WindowBook;
use App\View\Drill\Kit;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassesBefore;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Planner;
use StoneDrill\Core\Session\Taught;
use StoneDrill\Core\Session\TimetableException;

/**
 * The plan of a class as it is shown: who is there, what happens when, what each is taught and why, and who works with
 * whom.
 */
final readonly class ClassPage
{
    public Catalogue $catalogue;

    /** @var Collection<int, Student> who is planned for: those who came, or who are expected as long as nobody has */
    public Collection $students;

    public ?ClassPlan $plan;

    /** Reps until then tell it. */
    private CarbonImmutable $until;

    /** Why there is none; empty where there is. */
    public string $trouble;

    /** @var list<Block> as planned; as they are kept where they do not fit */
    public array $blocks;

    public TimetableRows $timetable;

    /** @var array<string, Student> by code */
    private array $byCode;

    /** @var array<int, CoreStudent> the same as the core knows them, by the id of the row */
    private array $people;

    /** @var array<string, array<string, Window>> by code of the student, then the cell's key */
    private array $windows;

    /** @var array<string, array{title: string, id: int}> by code of the answer */
    private array $answers;

    private Pool $pool;

    private Planner $planner;

    private ClassBasics $basics;

    private ClassesBefore $before;

    public WaysToTests $season;

    public function __construct(public TrainingClass $class, CatalogueMapper $mapper, CoverageBook $coverages)
    {
        $school = $class->school;
        $this->until = $class->plannedUntil(CarbonImmutable::now());
        $this->catalogue = $mapper->curriculum($school);
        $this->students = WhoComes::byRank($class);
        $this->byCode = $this->students->keyBy('code')->all();
        $this->people = $this->students
            ->mapWithKeys(static fn (Student $student): array => [$student->id => $mapper->student($student)])
            ->all();
        $kept = (new WindowBook($school, $this->catalogue))->of(
            array_values($this->students->map(static fn (Student $student): int => $student->id)->all()),
            $this->until,
        );
        $this->windows = $this->students
            ->mapWithKeys(static fn (Student $student): array => [$student->code => $kept[$student->id]])
            ->all();
        $this->answers = $school->answers
            ->mapWithKeys(
                static fn ($answer): array => [$answer->code => ['title' => $answer->title, 'id' => $answer->id]],
            )
            ->all();
        [$cells, $youth] = [$coverages->of($school)->cells, $coverages->forYouth($school)->cells];
        $forYouth = $this->catalogue->forYouth();
        $prepared = app(PreparationBook::class)->until($school, $class->at);
        $this->pool = new Pool($this->catalogue, $cells, $forYouth, $youth, $class->at, $prepared);
        $this->planner = new Planner($this->catalogue, $cells, $forYouth, $youth, $class->at);
        $this->basics = new ClassBasics($school, $this->planner->teaching, $this->students, $class->at, $this->until);
        $this->before = new ClassesBefore(
            $class->meetings($this->until),
            $class->latestAnswers($this->until),
            $this->basics->due(),
            PartnerBook::among($school, $this->students, $this->until)->neverLarger,
        );
        $this->season = new WaysToTests($class, $this->catalogue);
        [$plan, $trouble] = $this->planned();
        [$this->plan, $this->trouble] = [$plan, $trouble];
        $this->blocks = $plan === null ? $class->plannedBlocks() : $plan->blocks;
        $this->timetable = new TimetableRows($class, $this->blocks);
    }

    /** How long it takes, where it is and for whom, and how many those are. */
    public function facts(): string
    {
        return implode(
            ' · ',
            array_filter([
                __('classes.minutes', ['count' => $this->class->minutes]),
                $this->class->place,
                $this->class->expected()->isEverybody()
                    ? ''
                    : (new ForWhom($this->class->school))->text($this->class),
                trans_choice('classes.students', count($this->students)),
            ]),
        );
    }

    /** Whether more are expected than can be planned for. */
    public function isOfLatest(): bool
    {
        return count($this->students) === Kit::MAX && WhoComes::isMoreThanPlanned($this->class);
    }

    /** Until when reps count, said once. */
    public function untilWhen(): string
    {
        return __($this->until->lessThan($this->class->at) ? 'classes.until' : 'classes.until-begun', [
            'time' => school_time($this->until, 'H:i'),
        ]);
    }

    /** Whether something may have been done in it: it can be run from the day before on. */
    public function mayHaveBegun(): bool
    {
        return $this->class->at->isBefore(CarbonImmutable::now()->addDay());
    }

    /** @return array{?ClassPlan, string} */
    private function planned(): array
    {
        $facts = $this->class->facts();
        try {
            return [
                $this->planner->plan(
                    Planner::seed($this->class->code),
                    $facts,
                    array_values($this->people),
                    $this->windows,
                    $this->before,
                    $this->season->ways,
                ),
                '',
            ];
        } catch (TimetableException $refused) {
            return [null, say($refused->text)];
        }
    }

    /**
     * @return list<array{names: string, ranks: string, taught: list<array{title: string, code: string, url: string,
     *     why: string}>, drilled: list<array{title: string, code: string, url: string}>, more: int, rungs: string}>
     */
    public function groups(): array
    {
        $ranks = $this->class->school->ranks->pluck('name', 'code')->all();

        return $this->plan === null
            ? []
            : (new TaughtGroups($this->catalogue, $this->answers, $ranks, $this->class->at))->groups($this->plan);
    }

    /** Who works with whom; null where there is no plan. */
    public function partners(): ?PartnerTables
    {
        if ($this->plan === null) {
            return null;
        }
        $names = array_map(static fn (Student $student): string => $student->name, $this->byCode);

        return new PartnerTables(
            $this->plan,
            $names,
            $this->class->facts(),
        );
    }

    /** What each should be drilled on under pressure. */
    public function pressure(): PressureRows
    {
        return new PressureRows(
            $this->class,
            $this->students,
            $this->people,
            $this->windows,
            $this->pool,
            $this->catalogue,
            $this->until,
            $this->season->drills,
        );
    }

    /** @return list<string> ids of the answers that are taught to somebody */
    public function taught(): array
    {
        return array_values(
            array_unique(
                array_merge(
                    ...array_map(
                        static fn (Group $group): array => array_column($group->taught, 'answer'),
                        $this->plan->groups ?? [],
                    ),
                ),
            ),
        );
    }

    /**
     * @return list<string> names of those whom nobody larger ever attacked: they sit with such partners where that can
     *     be
     */
    public function lackLarger(): array
    {
        return array_map(fn (string $code): string => $this->byCode[$code]->name, $this->before->lackLarger);
    }

    /** Tries that each defends in the blocks of a kind. */
    public function repsEach(BlockKind $kind): int
    {
        return $this->plan === null
            ? 0
            : $this->plan->repsEach($kind, $this->class->facts());
    }

    /**
     * @return array{tries: int, taught: list<string>} tries that each is meant to defend, and ids of the answers that
     *     are taught to somebody
     */
    public function meant(): array
    {
        return [
            'tries' => $this->repsEach(BlockKind::Drill) + $this->repsEach(BlockKind::Pressure),
            'taught' => $this->taught(),
        ];
    }

    /**
     * What speaks against each two who are planned for as partners.
     *
     * @return list<list<float>> of each, in their order, beside those who come before
     */
    public function against(): array
    {
        $all = $this->planner->against(
            array_values($this->people),
            $this->before,
            $this->class->facts()->wishes,
        );

        return array_map(
            static fn (array $own, int $place): array => array_map(
                static fn (float $cost): float => round($cost, 2),
                array_slice($own, 0, $place),
            ),
            $all,
            array_keys($all),
        );
    }

    public function whoMeets(): WhoMeets
    {
        return new WhoMeets($this->byCode, $this->before->meetings);
    }

    /** @return list<string> basics of tonight */
    public function basics(): array
    {
        return $this->plan->basics ?? [];
    }

    /** @return list<array{name: string, url: string, due: string, grows: bool, mistakes: string}> */
    public function basicRows(): array
    {
        return $this->basics->rows($this->basics());
    }

    /** What each takes home. */
    public function home(): TakesHome
    {
        return new TakesHome($this->class, $this->students);
    }

    /** @return array<string, string> titles of answers that could be taught instead, by code */
    public function others(): array
    {
        return array_map(
            static fn (array $answer): string => $answer['title'],
            array_diff_key($this->answers, array_flip($this->taught())),
        );
    }

    /** @return array<string, string> titles of those that are wished for or left out this time, by code */
    public function wished(string $what): array
    {
        $codes = $what === 'teach' ? $this->class->teach : $this->class->skip;

        return array_filter(
            array_combine($codes, array_map(fn (string $code): string => $this->answers[$code]['title'] ?? '', $codes)),
        );
    }
}
