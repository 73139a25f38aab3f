<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Jobs\PlanSeason;
use App\Jobs\Workers;
use App\Models\School;
use App\Models\Student;
use App\Models\Test;
use App\Models\TrainingClass;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Drill\Preparation;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\PlannedTest;
use StoneDrill\Core\Session\Season\Ahead;
use StoneDrill\Core\Session\Season\Candidate;
use StoneDrill\Core\Session\Season\SeasonPlan;

/**
 * The way to a test of a school, worked out anew when a rep, a class or the curriculum changes, and kept until then.
 */
final readonly class SeasonBook
{
    private const SECONDS = 7 * 86_400;

    /** Hours before a class and after it within which what has changed is taken in. */
    private const AROUND = 2;

    /** Percent after which its progress is told anew, and seconds for which it is remembered. */
    private const STEP = 5;
    private const SHARE_SECONDS = 120;

    /** Tries that how fast a school learns is read from: the latest. */
    private const MAX_TRIES = 20_000;

    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private RevisionCache $kept,
    ) {}

    /**
     * What is worked out; where nothing is, a job is asked for it. With nobody to do it, it is worked out here.
     *
     * @return Ahead|null null while a job is at it
     */
    public function asked(Test $test): ?Ahead
    {
        if ($this->known($test) === null) {
            Workers::queue(new PlanSeason($test->id));
        }

        return $this->known($test) ?? (Workers::areAway() ? $this->of($test) : null);
    }

    /** @return Ahead */
    public function of(Test $test): Ahead
    {
        $found = $this->kept->of("ahead:{$test->id}", $this->revision($test), self::SECONDS, function () use (
            $test,
        ): Ahead {
            $found = $this->find($test);
            $this->kept->keep("ahead-share:{$test->id}", '', self::SHARE_SECONDS, 0);

            return $found;
        });
        self::remember($test, $found->plan);

        return $found;
    }

    /**
     * What was expected first stays, so that what came of it can be shown beside it; and what a class teaches and has
     * drilled, once it is none of those ahead any more.
     */
    private static function remember(Test $test, SeasonPlan $plan): void
    {
        // Where nothing is new no row is touched, and no page of a class is drawn anew.
        DB::update(
            <<<'SQL'
            update tests set expected = coalesce(expected, :curve), teaches = coalesce(teaches,
                '{}') || cast(:teaches as jsonb), drills = coalesce(drills, '{}') || cast(:drills as jsonb)
            where id = :id and (expected is null
                or teaches is distinct from coalesce(teaches, '{}') || cast(:teaches as jsonb)
                or drills is distinct from coalesce(drills, '{}') || cast(:drills as jsonb))
            SQL
            ,
            [
                'id' => $test->id,
                'curve' => json_encode($plan->curve),
                'teaches' => json_encode((object) $plan->taught()),
                'drills' => json_encode(
                    (object) array_map(static fn (array $own): object => (object) $own, $plan->drilled()),
                ),
            ],
        );
    }

    /** Remembers that working it out has failed, until somebody was told. */
    public function markFailed(Test $test): void
    {
        $this->kept->keep("ahead-failed:{$test->id}", $this->revision($test), self::SECONDS, true);
    }

    /** Whether working it out has failed; told once, so that whoever asks again has it tried again. */
    public function tellFailed(Test $test): bool
    {
        $hasFailed = $this->hasFailed($test);
        if ($hasFailed) {
            $this->kept->keep("ahead-failed:{$test->id}", $this->revision($test), self::SECONDS, false);
        }

        return $hasFailed;
    }

    private function hasFailed(Test $test): bool
    {
        return $this->kept->known("ahead-failed:{$test->id}", $this->revision($test)) === true;
    }

    /**
     * What the ways to coming tests teach in a class and have drilled there, as they were planned last; a job is asked
     * for what is not planned yet, unless it has failed with all as it is now.
     *
     * @return array{ways: list<Preparation>, waits: bool} by the codes of rows, and whether more comes with a job
     */
    public function plannedIn(TrainingClass $class): array
    {
        $ways = [];
        $waits = false;
        $tests = $class->school
            ->tests()
            ->whereNull('cancelled_at')
            ->where('at', '>=', $class->at)
            ->has('candidates')
            ->with('candidates.rank', 'rank')
            ->get();
        foreach (
            $tests->filter(
                static fn (Test $test): bool => $test->classes === []
                    ? $class->expectsOneOf($test->candidates)
                    : in_array($class->code, $test->classes, true),
            ) as $test
        ) {
            $planned = $test->teaches[$class->code] ?? null;
            if (
                $planned === null
                && $class->cancelled_at === null
                && $class->at->isFuture()
                && ! $this->hasFailed($test->setRelation('school', $class->school))
            ) {
                Workers::queue(new PlanSeason($test->id));
                $waits = true;
            }
            $candidates = array_values(
                $test->candidates
                    ->map(static fn (Student $student): string => $student->code)
                    ->all(),
            );
            $ways[] = Preparation::inClasses(
                $test->rank->code,
                $candidates,
                [$planned ?? []],
                [$test->drills[$class->code] ?? []],
            );
        }

        return ['ways' => $ways, 'waits' => $waits];
    }

    /** @return list<int> ids of tests whose way is to be planned anew, since a class has just ended or soon begins */
    public static function around(CarbonImmutable $now): array
    {
        $classes = TrainingClass::query()
            ->whereColumn('training_classes.school_id', 'tests.school_id')
            ->whereNull('cancelled_at')
            ->where(
                static fn (Builder $of) => $of
                    ->whereRaw("at + minutes * interval '1 minute' between ? and ?", [
                        $now->subHours(self::AROUND),
                        $now,
                    ])
                    ->orWhereBetween('at', [$now, $now->addHours(self::AROUND)]),
            );

        return array_values(
            Test::query()
                ->whereNull('cancelled_at')
                ->where('at', '>=', $now)
                ->has('candidates')
                ->whereExists($classes->toBase())
                ->orderBy('id')
                ->pluck('id')
                ->all(),
        );
    }

    /** @return Ahead|null */
    private function known(Test $test): ?Ahead
    {
        return $this->kept->known("ahead:{$test->id}", $this->revision($test));
    }

    /** @return Ahead */
    private function find(Test $test): Ahead
    {
        $school = $test->school;
        $catalogue = $this->mapper->curriculum($school);
        $cells = $this->coverages->of($school)->cells;
        $now = CarbonImmutable::now();
        $students = $test->candidates()->with('rank')->get();
        $windows = (new WindowBook($school, $catalogue))->of(array_values($students->modelKeys()), $now);
        $candidates = array_values(
            $students
                ->map(
                    fn (Student $student): Candidate => new Candidate(
                        $this->mapper->student($student),
                        $windows[$student->id],
                    ),
                )
                ->all(),
        );
        $everybody = array_values($school->students()->with('rank')->get()->map($this->mapper->student(...))->all());
        $planned = new PlannedTest($test->code, $test->rank->code, $test->at, classes: $test->classes);

        return Ahead::of(
            $catalogue,
            $cells,
            $planned,
            $everybody,
            ClassMapper::classes($school),
            $candidates,
            self::sequences($school),
            $now,
            $this->teller($test),
        );
    }

    /**
     * Keeps the share that is worked out, as often as somebody would see it grow.
     *
     * @return callable(float): void
     */
    private function teller(Test $test): callable
    {
        $told = 0;

        return function (float $share) use ($test, &$told): void {
            $percent = (int) (100 * $share);
            if ($percent >= $told + self::STEP) {
                $told = $percent;
                $this->kept->keep("ahead-share:{$test->id}", '', self::SHARE_SECONDS, $percent);
            }
        };
    }

    /** Percent of it that is worked out by a job just now. */
    public function share(Test $test): int
    {
        return (int) $this->kept->known("ahead-share:{$test->id}", '');
    }

    /** @return list<list<bool>> whether each try was clean, in order of time, of each student and cell */
    private static function sequences(School $school): array
    {
        $reps = $school
            ->reps()
            ->standing()
            ->where('source', '<>', Source::Home)
            ->where('outcome', '<>', Outcome::Stopped)
            ->latest('at')
            ->orderByDesc('id')
            ->limit(self::MAX_TRIES)
            ->toBase()
            ->get(['student_id', 'attack_id', 'side', 'outcome']);

        return array_values(
            $reps
                ->reverse()
                ->groupBy(static fn ($rep): string => "{$rep->student_id} {$rep->attack_id} {$rep->side}")
                ->map(
                    static fn (Collection $of): array => array_values(
                        $of->map(static fn ($rep): bool => $rep->outcome === Outcome::Clean->value)->all(),
                    ),
                )
                ->all(),
        );
    }

    /** Proof ages by the day. */
    private function revision(Test $test): string
    {
        $classes = $test->school->classes();

        return implode(' ', [
            Revision::of($test->school),
            CarbonImmutable::now()->toDateString(),
            $test->version,
            crc32($test->candidates()->pluck('students.id')->implode(' ')),
            $classes->count(),
            $classes->max('updated_at'),
        ]);
    }
}
