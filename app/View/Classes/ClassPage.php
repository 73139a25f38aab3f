<?php

declare(strict_types=1);

namespace App\View\Classes;

use App\Models\Student;
use App\Models\TrainingClass;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\PartnerBook;
use App\Persistence\PersonShelf;
use App\Persistence\Revision;
use App\Persistence\SeasonBook;
use App\Persistence\WindowBook;
use App\View\Drill\Kit;
use App\View\Ladder\RungMoves;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student as CoreStudent;
use StoneDrill\Core\Drill\Draw;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Ticket;
use StoneDrill\Core\Proof\Window;
use StoneDrill\Core\Session\Block;
use StoneDrill\Core\Session\BlockKind;
use StoneDrill\Core\Session\ClassPlan;
use StoneDrill\Core\Session\Group;
use StoneDrill\Core\Session\Meetings;
use StoneDrill\Core\Session\Planner;
use StoneDrill\Core\Session\Taught;
use StoneDrill\Core\Session\TimetableException;

/**
 * The plan of a class as it is shown: who is there, what happens when, what each is taught and why, and who works with
 * whom.
 */
final readonly class ClassPage
{
    /** Sides of attacks for another rung that are told of each student. */
    private const MOVES = 3;

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

    private Meetings $meetings;

    /** @var list<string> codes of those whom nobody larger ever attacked */
    private array $lackLarger;

    private BasicMistakes $mistakes;

    /** @var array<string, list<string>> basics whose mistakes grow, with those mistakes */
    private array $growing;

    private DueBasics $due;

    /**
     * @var array{answers: list<string>, waits: bool} what the ways to coming tests teach, and whether a job still works
     *     that out
     */
    public array $season;

    public function __construct(public TrainingClass $class, CatalogueMapper $mapper, CoverageBook $coverages)
    {
        $school = $class->school;
        $this->until = $class->plannedUntil(CarbonImmutable::now());
        $this->catalogue = $mapper->curriculum($school);
        $order = $this->catalogue->rankOrder();
        $this->students = self::whoFor($class)
            ->sortBy(static fn (Student $student): array => [$order[$student->rank->code] ?? 0, $student->name])
            ->values();
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
        $this->pool = new Pool($this->catalogue, $cells, $forYouth, $youth, $class->at);
        $this->planner = new Planner($this->catalogue, $cells, $forYouth, $youth, $class->at);
        $this->meetings = $class->meetings($this->until);
        $this->lackLarger = PartnerBook::among($school, $this->students, $this->until)->neverLarger;
        $this->mistakes = new BasicMistakes($school, $this->planner->teaching, $this->until);
        $this->growing = $this->mistakes->growing();
        $this->due = new DueBasics($school, $this->students, $class->at);
        $this->season = app(SeasonBook::class)->taughtIn($class);
        [$plan, $trouble] = $this->planned();
        [$this->plan, $this->trouble] = [$plan, $trouble];
        $this->blocks = $plan === null ? $class->plannedBlocks() : $plan->blocks;
    }

    /** @return Collection<int, Student> those who came, or who are expected as long as nobody has */
    public static function whoFor(TrainingClass $class): Collection
    {
        $present = $class->present()->whereNull('erased_at')->with('rank')->get();

        return $present->isNotEmpty() ? $present : self::expected($class);
    }

    /** @return Collection<int, Student> of more than can be planned for those who were here last */
    private static function expected(TrainingClass $class): Collection
    {
        return self::everybodyExpected($class)->limit(Kit::MAX)->get('students.*');
    }

    /** @return Builder<Student> */
    private static function everybodyExpected(TrainingClass $class): Builder
    {
        return Kit::lastHere($class->school)->when(
            $class->ranks !== [],
            static fn (Builder $query) => $query->whereRelation(
                'rank',
                static fn ($rank) => $rank->whereIn('code', $class->ranks),
            ),
        );
    }

    /** Whether more are expected than can be planned for. */
    public function isOfLatest(): bool
    {
        return count($this->students) === Kit::MAX
            && $this->class->present->isEmpty()
            && self::everybodyExpected($this->class)->count() > Kit::MAX;
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
                    $this->class->code,
                    $facts,
                    array_values($this->people),
                    $this->windows,
                    $this->meetings,
                    $this->season['answers'],
                    array_values(array_unique([...$this->due->names(), ...array_keys($this->growing)])),
                    $this->lackLarger,
                ),
                '',
            ];
        } catch (TimetableException $refused) {
            return [null, say($refused->text)];
        }
    }

    /**
     * @return list<array{at: int, kind: string, name: string, minutes: int, locked: bool, begins: string}> blocks with
     *     the clock of the school
     */
    public function timetable(): array
    {
        $rows = [];
        $clock = $this->class->beginsAt();
        foreach ($this->blocks as $at => $block) {
            $rows[] = [
                'at' => $at,
                'kind' => $block->kind->value,
                'name' => say($block->kind->text()),
                'minutes' => $block->minutes,
                'locked' => $block->isLocked,
                'begins' => $clock->format('H:i'),
            ];
            // In seconds that pass: a change of the clocks in the night shifts what they show.
            $clock = $clock->addSeconds(60 * $block->minutes);
        }

        return $rows;
    }

    /** @return array<string, string> heads of the timetable: what can be changed is shown to who may */
    public function columns(User $user): array
    {
        return array_diff_key(texts('classes.columns'), $user->can('update', $this->class) ? [] : ['change' => true]);
    }

    /** @return array<string, string> kinds that can be added, by value */
    public static function kinds(): array
    {
        return array_combine(
            array_column(BlockKind::cases(), 'value'),
            array_map(static fn (BlockKind $kind): string => say($kind->text()), BlockKind::cases()),
        );
    }

    /**
     * @return list<array{names: string, ranks: string, taught: list<array{title: string, code: string, url: string,
     *     why: string}>}>
     */
    public function groups(): array
    {
        return array_map(
            fn (Group $group): array => [
                'names' => implode(
                    ', ',
                    array_map(static fn (CoreStudent $student): string => $student->name, $group->students),
                ),
                'ranks' => implode(
                    ' – ',
                    array_unique(
                        array_map(fn (CoreStudent $student): string => $this->byCode[$student->id]->rank->name, [
                            $group->students[0],
                            $group->students[count($group->students) - 1],
                        ]),
                    ),
                ),
                'taught' => array_map(
                    fn (Taught $taught): array => [
                        'title' => $this->answers[$taught->answer]['title'] ?? $taught->answer,
                        'code' => $taught->answer,
                        'url' => isset($this->answers[$taught->answer])
                            ? route('answers.show', $this->answers[$taught->answer]['id'])
                            : '',
                        'why' => $this->why($taught),
                    ],
                    $group->taught,
                ),
            ],
            $this->plan->groups ?? [],
        );
    }

    private function why(Taught $taught): string
    {
        return ($taught->isForTest ? __('classes.for-test').' ' : '')
            .__('classes.why', [
                'value' => number_format($taught->value, 1),
                'untried' => trans_choice('classes.untried', $taught->untried),
                'open' => trans_choice('classes.open', $taught->open),
                'known' => round(100 * $taught->known),
            ]);
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
            $this->class->places,
            $this->planner->teaching->secondsOf($this->plan),
        );
    }

    /**
     * @return list<array{name: string, next: string, out: string, moves: list<string>}> what each should be drilled on
     *     under pressure, what is left out, and what is for another rung
     */
    public function pressure(): array
    {
        $school = $this->class->school;
        $shelf = new PersonShelf(
            $school,
            "pressure-{$this->class->id}",
            Revision::ofCurriculum($school)." {$this->class->at->getTimestamp()}",
            CarbonImmutable::now(),
            $this->until,
        );
        $ids = array_values($this->students->map(static fn (Student $student): int => $student->id)->all());

        return array_values(
            $shelf->of($ids, fn (array $new): array => $this->pressureOf($this->students->whereIn('id', $new))),
        );
    }

    /**
     * @param Collection<int, Student> $students
     *
     * @return array<int, array{name: string, next: string, out: string, moves: list<string>}> by the id of the row
     */
    private function pressureOf(Collection $students): array
    {
        $tickets = $students
            ->mapWithKeys(
                fn (Student $student): array => [
                    $student->id => $this->pool->tickets(
                        $this->people[$student->id],
                        $student->rank->goal_rung,
                        $this->windows[$student->code],
                    ),
                ],
            )
            ->all();
        $titles = array_map(
            static fn (array $own): array => collect($own)
                ->mapWithKeys(
                    static fn (Ticket $ticket): array => [
                        $ticket->cell->key->text => sided($ticket->cell->attack->title, $ticket->cell->side),
                    ],
                )
                ->all(),
            $tickets,
        );
        $windows = $students
            ->mapWithKeys(fn (Student $student): array => [$student->id => $this->windows[$student->code]])
            ->all();
        $moves = RungMoves::of(
            $this->class->school,
            $this->catalogue->ladder,
            $titles,
            $windows,
            CarbonImmutable::instance($this->class->at),
            $this->until,
        );

        return $students
            ->mapWithKeys(function (Student $student) use ($tickets, $moves): array {
                $own = $tickets[$student->id];
                $next = collect($own)->sortByDesc(static fn (Ticket $ticket): float => $ticket->weight())->first();
                $barred = $this->pool->countBarred($this->people[$student->id]);

                return [
                    $student->id => [
                        'name' => $student->name,
                        'next' => $next === null
                            ? __('classes.nothing')
                            : __('classes.next', [
                                'attack' => $next->cell->attack->title,
                                'rung' => $student->rank->goal_rung,
                                'side' => __("words.sides.{$next->cell->side->value}"),
                                'count' => count($own),
                                'bits' => number_format(Draw::of($own)->entropy(), 1),
                            ]),
                        'out' => $barred === 0 ? '' : trans_choice('classes.left-out', $barred),
                        'moves' => $moves[$student->id]->lines(self::MOVES),
                    ],
                ];
            })
            ->all();
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
        return array_map(fn (string $code): string => $this->byCode[$code]->name, $this->lackLarger);
    }

    /** Tries that each defends in the blocks of a kind. */
    public function repsEach(BlockKind $kind): int
    {
        return $this->plan === null
            ? 0
            : $this->plan->repsEach($kind, $this->class->places, $this->planner->teaching->secondsOf($this->plan));
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
     * @return array<string, float> how much two who are planned for have met before, by the ids of their rows in order
     */
    public function metBefore(): array
    {
        $met = [];
        foreach ($this->byCode as $one => $student) {
            foreach ($this->byCode as $other => $partner) {
                $weight = $student->id < $partner->id ? $this->meetings->weight((string) $one, (string) $other) : 0.0;
                if ($weight > 0) {
                    $met["{$student->id} {$partner->id}"] = $weight;
                }
            }
        }

        return $met;
    }

    /** @return list<string> basics of tonight */
    public function basics(): array
    {
        return $this->plan->basics ?? [];
    }

    /**
     * @return list<array{name: string, url: string, due: string, grows: bool, mistakes: string}> the same with the
     *     mistakes that are seen in them, and who is to be marked
     */
    public function basicRows(): array
    {
        return array_map(
            fn (string $basic): array => [
                'name' => $basic,
                ...$this->due->of($basic),
                'grows' => isset($this->growing[$basic]),
                'mistakes' => implode(' · ', $this->growing[$basic] ?? $this->mistakes->usual($basic)),
            ],
            $this->basics(),
        );
    }

    /**
     * @return list<array{name: string, cells: list<string>}> how often two work together by the plan, and in brackets
     *     in the classes before
     */
    public function whoMeets(): array
    {
        $count = [];
        foreach ([BlockKind::Drill, BlockKind::Pressure] as $kind) {
            foreach (array_merge(...$this->plan?->roundsIn($kind) ?? []) as $round) {
                foreach ($round->pairs as [$a, $b]) {
                    $count[Meetings::key($a, $b)] = ($count[Meetings::key($a, $b)] ?? 0) + 1;
                }
            }
        }
        $codes = array_map(strval(...), array_keys($this->byCode));

        $cell = function (string $one, string $other) use ($count): string {
            $before = $this->meetings->weight($one, $other);

            return $one === $other
                ? '·'
                : trim(
                    ($count[Meetings::key($one, $other)] ?? '')
                        .($before > 0 ? ' ('.number_format($before, 1).')' : ''),
                );
        };

        return array_map(
            fn (string $one): array => [
                'name' => $this->byCode[$one]->name,
                'cells' => array_map(static fn (string $other): string => $cell($one, $other), $codes),
            ],
            $codes,
        );
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
