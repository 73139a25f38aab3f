<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Jobs\WarmSchool;
use App\Jobs\Workers;
use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Curriculum\Catalogue;

/**
 * What the students of each rank have proven, kept until a row changes: then those are read again whose reps came or
 * changed.
 */
final class ProofBook
{
    /** Ages are counted in whole days, so within the hour nothing changes but by new rows, which change the key. */
    private const SECONDS = 3600;

    /**
     * Students of whom nobody waits until they are read: of so many what is kept is old, or so many were tried since.
     */
    private const MANY = 200;
    private const DAY = 86_400;

    /** Students whose reps are read at once. */
    private const CHUNK = 100;

    /**
     * @var array<string, array{array<int, string>, array<int, string>, array<int, string>}> what {@see look()} has
     *     found, by the moment of the school
     */
    private array $looks = [];

    /** @var array<string, bool> whether a job reads it where it takes long, by the moment of the school */
    private array $readByJob = [];

    /** @var array<string, ?ProvenShare> what is told of a school that a job is to read, by its moment */
    private array $meanwhile = [];

    public function __construct(private readonly CatalogueMapper $mapper, private readonly RevisionCache $kept) {}

    /** As of now. */
    public function of(School $school): ProvenShare
    {
        $revision = Revision::of($school);

        // Most of it is kept from before: to have one work it out and the others wait takes longer.
        return $this->kept->known("proof:{$school->id}", $revision)
            ?? $this->kept->keepAfterwards(
                "proof:{$school->id}",
                $revision,
                self::SECONDS,
                $this->told($school, self::SECONDS),
            );
    }

    /**
     * The same for somebody who looks: where it is old, some may have faded that are told as held.
     *
     * @return ?ProvenShare null where a job is to read many of a large school first
     */
    public function seen(School $school): ?ProvenShare
    {
        if (! $this->isBehind($school)) {
            return $this->of($school);
        }
        $this->kept->fallBehind();

        return $this->meanwhile[self::moment($school, CarbonImmutable::now())] ??= $this->toldMeanwhile($school);
    }

    /** What is known of a school until a job has read it, which is asked for; null where nothing is told until then. */
    private function toldMeanwhile(School $school): ?ProvenShare
    {
        Aside::keep(static fn () => Workers::queue(new WarmSchool($school->id)));

        // Where the job was done at once it is known.
        return $this->kept->known("proof:{$school->id}", Revision::of($school))
            ?? ($this->areManyNew($school) ? null : $this->told($school, self::DAY));
    }

    /** What is seen of it: another name as soon as anybody holds something else, which most reps do not change. */
    public function fingerprint(School $school): string
    {
        return hash('xxh128', serialize($this->seen($school)));
    }

    /**
     * Whether a job is to read a large school: all of it was read more than an hour ago, or there is something new of
     * many.
     */
    public function isBehind(School $school): bool
    {
        return $this->kept->known("proof:{$school->id}", Revision::of($school)) === null
            && $this->isReadByJob($school)
            && ($this->age($school) >= self::SECONDS || $this->areManyNew($school));
    }

    /** Whether a job reads the school where it takes long: it is a large one, and somebody works. */
    private function isReadByJob(School $school): bool
    {
        return $this->readByJob[self::moment($school, CarbonImmutable::now())] ??=
            (count($this->known($school)['state'] ?? []) ?: $school->students()->count()) > self::MANY
            && ! Workers::areAway();
    }

    /** The school as it is now: what was found of it stands as long as one looks. */
    private static function moment(School $school, CarbonImmutable $now): string
    {
        return implode(' ', [$school->id, $now->getTimestamp(), Revision::of($school)]);
    }

    /**
     * As of when it is told who has faded: now, or when all of it was read where it is old; null where nothing is told.
     */
    public function seenAt(School $school): ?CarbonImmutable
    {
        if (! $this->isBehind($school)) {
            return CarbonImmutable::now();
        }

        return $this->areManyNew($school) ? null : CarbonImmutable::now()->subSeconds($this->age($school));
    }

    /** Whether there is something new of more than anybody waits for, or what is kept is older than a day. */
    private function areManyNew(School $school): bool
    {
        return $this->age($school) >= self::DAY || count($this->look($school, CarbonImmutable::now())[2]) > self::MANY;
    }

    /** Seconds since all of it was read; a day where it never was. */
    private function age(School $school): int
    {
        $known = $this->known($school);

        return $known === null ? self::DAY : CarbonImmutable::now()->getTimestamp() - $known['at'];
    }

    /**
     * When all of it was read, what each holds, the rank and the turn of each, and what was known then of who has which
     * rank, which a release before this did not keep.
     *
     * @return ?array{at: int, held: array<int, array<string, bool>>, state: array<int, string>, people?: string}
     */
    private function known(School $school): ?array
    {
        return $this->kept->known(self::named($school), self::mark($this->mapper->curriculum($school)));
    }

    private static function named(School $school): string
    {
        return "held:{$school->id}";
    }

    /** What it hangs on besides the reps and who has which rank. */
    private static function mark(Catalogue $catalogue): string
    {
        $sides = array_map(
            static fn (Attack $attack): array => [$attack->id, $attack->isSymmetric()],
            $catalogue->attacks,
        );

        return hash(
            'xxh128',
            serialize([
                array_column($catalogue->ranks, 'goalRung', 'id'),
                $catalogue->ladder->ids(),
                $sides,
                $catalogue->school->proof->halfLife,
            ]),
        );
    }

    /** @param int $stands seconds for which what was read of all stands for those of whom nothing is new */
    private function told(School $school, int $stands): ProvenShare
    {
        $now = CarbonImmutable::now();

        return ProvenShare::ofHeld($this->look($school, $now)[0], $this->held($school, $now, $stands));
    }

    /**
     * Who is to be read.
     *
     * @return array{array<int, string>, array<int, string>, array<int, string>} code of the rank of each, what each is
     *     at, and the rank of those of whom something is new; by the id of the student's row
     */
    private function look(School $school, CarbonImmutable $now): array
    {
        return $this->looks[self::moment($school, $now)] ??= $this->lookAnew($school, $now);
    }

    /** @return array{array<int, string>, array<int, string>, array<int, string>} as {@see look()} has it */
    private function lookAnew(School $school, CarbonImmutable $now): array
    {
        $known = $this->known($school);
        $before = $known['state'] ?? [];
        $rankOf = ($known['people'] ?? null) === self::people($school, $now)
            ? array_map(static fn (string $state): string => substr($state, 0, (int) strrpos($state, ' ')), $before)
            : $this->ranks($school, $now);
        $turns = (new WindowBook($school, $this->mapper->curriculum($school)))->turns();
        $state = array_map(
            static fn (string $rank, int $student): string => $rank.' '.($turns[$student][0] ?? 0),
            $rankOf,
            array_keys($rankOf),
        );
        $state = array_combine(array_keys($rankOf), $state);

        return [
            $rankOf,
            $state,
            array_filter(
                $rankOf,
                static fn (int $student): bool => ($before[$student] ?? null) !== $state[$student]
                    || ($turns[$student][1] ?? false),
                ARRAY_FILTER_USE_KEY,
            ),
        ];
    }

    /** As it was then, of those who are here now. */
    public function at(School $school, CarbonImmutable $then): ProvenShare
    {
        return $this->kept->of(
            "proof:{$school->id}:{$then->toDateString()}",
            Revision::of($school),
            self::SECONDS,
            function () use ($school, $then): ProvenShare {
                $rankOf = $this->ranks($school, $then);

                return ProvenShare::ofHeld(
                    $rankOf,
                    $this->read($school, $this->mapper->curriculum($school), $rankOf, $then),
                );
            },
        );
    }

    /** @return array<int, array<string, bool>> what each holds, of which most is kept from before */
    private function held(School $school, CarbonImmutable $now, int $stands): array
    {
        $curriculum = $this->mapper->curriculum($school);
        [$rankOf, $state, $new] = $this->look($school, $now);
        $known = $this->known($school);
        $people = self::people($school, $now);
        if ($known === null || $now->getTimestamp() - $known['at'] >= $stands) {
            [$known, $new] = [['at' => $now->getTimestamp(), 'held' => []], $rankOf];
        } elseif ($new === [] && ($known['people'] ?? null) === $people) {
            return $known['held'];
        }
        $held = array_intersect_key(
            array_replace($known['held'], $this->read($school, $curriculum, $new, $now)),
            $rankOf,
        );
        $this->kept->keepAfterwards(self::named($school), self::mark($curriculum), self::DAY, [
            'at' => $known['at'], 'held' => $held, 'state' => $state, 'people' => $people,
        ]);

        return $held;
    }

    /**
     * @param array<int, string> $rankOf of those who are read
     *
     * @return array<int, array<string, bool>>
     */
    private function read(School $school, Catalogue $catalogue, array $rankOf, CarbonImmutable $at): array
    {
        $goals = array_column($catalogue->ranks, 'goalRung', 'id');
        $book = new WindowBook($school, $catalogue);
        $held = [];
        foreach (array_chunk(array_keys($rankOf), self::CHUNK) as $students) {
            foreach ($book->of($students, $at) as $student => $windows) {
                $held[$student] = ProvenShare::heldBy($windows, $goals[$rankOf[$student]], $at);
            }
        }

        return $held;
    }

    /** What it hangs on who has which rank on a day. */
    private static function people(School $school, CarbonImmutable $at): string
    {
        return Revision::ofAllButReps($school).' '.$at->setTimezone($school->timeZone())->toDateString();
    }

    /** @return array<int, string> code of the rank of each who trains on a day, by the id of the student's row */
    private function ranks(School $school, CarbonImmutable $at): array
    {
        $awarded = DB::table('rank_awards')
            ->join('ranks', 'ranks.id', '=', 'rank_awards.rank_id')
            ->join('students', 'students.id', '=', 'rank_awards.student_id')
            ->where('rank_awards.school_id', $school->id)
            ->whereNull((new Student())->qualifyColumn('erased_at'))
            ->where('awarded_on', '<=', $at->setTimezone($school->timeZone())->toDateString())
            ->orderBy('awarded_on')
            ->orderBy('rank_awards.id')
            ->pluck('ranks.code', 'student_id')
            ->all();

        return array_replace(
            $school
                ->students()
                ->reorder()
                ->join('ranks', 'ranks.id', '=', 'students.rank_id')
                ->pluck('ranks.code', 'students.id')
                ->all(),
            $awarded,
        );
    }
}
