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
use Illuminate\Support\Collection;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Session\PlannedClass;
use StoneDrill\Core\Session\Season\Candidate;
use StoneDrill\Core\Session\Season\Learning;
use StoneDrill\Core\Session\Season\Mend;
use StoneDrill\Core\Session\Season\Mending;
use StoneDrill\Core\Session\Season\Season;
use StoneDrill\Core\Session\Season\SeasonClass;
use StoneDrill\Core\Session\Season\SeasonFacts;
use StoneDrill\Core\Session\Season\SeasonPlan;
use StoneDrill\Core\Session\Teaching;

/** The way to a test of a school, worked out anew when a rep, a class or the curriculum changes, and kept until then. */
final readonly class SeasonBook
{
    private const SECONDS = 7 * 86_400;

    /** Tries that how fast a school learns is read from: the latest. */
    private const MAX_TRIES = 20_000;

    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages, private RevisionCache $kept) {}

    /**
     * What is worked out; where nothing is, a job is asked for it. With nobody to do it, it is worked out here.
     *
     * @return array{SeasonPlan, Mend, Learning}|null null while a job is at it
     */
    public function asked(Test $test): ?array
    {
        if ($this->known($test) === null) {
            PlanSeason::dispatch($test->id);
        }

        return $this->known($test) ?? (Workers::areAway() ? $this->of($test) : null);
    }

    /** @return array{SeasonPlan, Mend, Learning} */
    public function of(Test $test): array
    {
        return $this->kept->of("season:{$test->id}", $this->revision($test), self::SECONDS, function () use ($test): array {
            $found = $this->find($test);
            // What was expected first stays, so that what came of it can be shown beside it.
            if ($test->expected === null) {
                Test::query()->whereKey($test->id)->toBase()->update(['expected' => json_encode($found[0]->curve)]);
            }

            return $found;
        });
    }

    /** @return list<string> ids of answers that the ways to coming tests teach in a class, as far as they are worked out */
    public function taughtIn(TrainingClass $class): array
    {
        $taught = [];
        foreach ($class->school->tests()->whereNull('cancelled_at')->where('at', '>=', $class->at)->with('school', 'rank')->get() as $test) {
            $plan = $this->known($test)[0] ?? null;
            $place = $plan === null ? null : array_find_key($plan->classes, static fn (SeasonClass $one): bool => $one->id === $class->code);
            array_push($taught, ...$plan->teaches[$place ?? -1] ?? []);
        }

        return array_values(array_unique($taught));
    }

    /** @return array{SeasonPlan, Mend, Learning}|null */
    private function known(Test $test): ?array
    {
        return $this->kept->known("season:{$test->id}", $this->revision($test));
    }

    /** @return array{SeasonPlan, Mend, Learning} */
    private function find(Test $test): array
    {
        $school = $test->school;
        $catalogue = $this->mapper->curriculum($school);
        $cells = $this->coverages->of($school)->cells;
        $now = CarbonImmutable::now();
        $students = $test->candidates()->with('rank')->get();
        $windows = (new WindowBook($school, $catalogue))->of(array_values($students->modelKeys()), $now);
        $candidates = array_values($students->map(fn (Student $student): Candidate => new Candidate($this->mapper->student($student), $windows[$student->id]))->all());
        $everybody = array_values($school->students()->with('rank')->get()->map($this->mapper->student(...))->all());
        $facts = new SeasonFacts($catalogue, $everybody, new Teaching($catalogue, $cells, $now));
        $classes = $facts->of(array_values(array_filter(ClassMapper::classes($school), static fn (PlannedClass $class): bool => $class->at >= $now && $class->at <= $test->at && ($test->classes === [] || in_array($class->id, $test->classes, true)))));
        usort($classes, static fn (SeasonClass $a, SeasonClass $b): int => $a->at <=> $b->at);
        $learning = Learning::fit(self::sequences($school));
        $season = new Season($catalogue, $cells, $catalogue->rank($test->rank->code), $now, $learning);
        $plan = $season->plan($test->at->getTimestamp(), $classes, $candidates);

        return [$plan, (new Mending($season, $test->at->getTimestamp(), $classes, $candidates))->of($plan), $learning];
    }

    /** @return list<list<bool>> whether each try was clean, in order of time, of each student and cell */
    private static function sequences(School $school): array
    {
        $reps = $school->reps()->standing()->where('source', '<>', Source::Home)->where('outcome', '<>', Outcome::Stopped)->latest('at')->orderByDesc('id')->limit(self::MAX_TRIES)->toBase()->get(['student_id', 'attack_id', 'side', 'outcome']);

        return array_values($reps->reverse()->groupBy(static fn ($rep): string => "{$rep->student_id} {$rep->attack_id} {$rep->side}")
            ->map(static fn (Collection $of): array => array_values($of->map(static fn ($rep): bool => $rep->outcome === Outcome::Clean->value)->all()))->all());
    }

    /** Proof ages by the day. */
    private function revision(Test $test): string
    {
        $classes = $test->school->classes();

        return implode(' ', [Revision::of($test->school), CarbonImmutable::now()->toDateString(), $test->version, crc32($test->candidates()->pluck('students.id')->implode(' ')), $classes->count(), $classes->max('updated_at')]);
    }
}
