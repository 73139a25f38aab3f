<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use Generator;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Proof\Window;

/** What the students of each rank have proven, kept until a row changes. */
final readonly class ProofBook
{
    /** Ages are counted in whole days, so within the hour nothing changes but by new rows, which change the key. */
    private const SECONDS = 3600;

    /** Students whose reps are read at once. */
    private const CHUNK = 100;

    public function __construct(private CatalogueMapper $mapper, private RevisionCache $kept) {}

    /** As of now. */
    public function of(School $school): ProvenShare
    {
        return $this->kept->of("proof:{$school->id}", Revision::of($school), self::SECONDS, fn (): ProvenShare => $this->read($school, CarbonImmutable::now()));
    }

    /** As it was then, of those who are here now. */
    public function at(School $school, CarbonImmutable $then): ProvenShare
    {
        return $this->kept->of("proof:{$school->id}:{$then->toDateString()}", Revision::of($school), self::SECONDS, fn (): ProvenShare => $this->read($school, $then));
    }

    private function read(School $school, CarbonImmutable $at): ProvenShare
    {
        $catalogue = $this->mapper->curriculum($school);
        $rankOf = array_replace(
            $school->students()->reorder()->join('ranks', 'ranks.id', '=', 'students.rank_id')->pluck('ranks.code', 'students.id')->all(),
            $this->ranksOn($school, $at),
        );

        return ProvenShare::ofWindows($catalogue->ranks, $rankOf, $this->windows(new WindowBook($school, $catalogue), array_keys($rankOf), $at), $at);
    }

    /** @return array<int, string> code of the rank that somebody had been awarded last on a day, by the id of the student's row */
    private function ranksOn(School $school, CarbonImmutable $at): array
    {
        return DB::table('rank_awards')->join('ranks', 'ranks.id', '=', 'rank_awards.rank_id')->join('students', 'students.id', '=', 'rank_awards.student_id')
            ->where('rank_awards.school_id', $school->id)->whereNull((new Student())->qualifyColumn('erased_at'))->where('awarded_on', '<=', $at->setTimezone($school->timeZone())->toDateString())
            ->orderBy('awarded_on')->orderBy('rank_awards.id')->pluck('ranks.code', 'student_id')->all();
    }

    /**
     * @param list<int> $students ids of the rows
     *
     * @return Generator<int, array<string, Window>>
     */
    private function windows(WindowBook $book, array $students, CarbonImmutable $at): Generator
    {
        foreach (array_chunk($students, self::CHUNK) as $chunk) {
            yield from $book->of($chunk, $at);
        }
    }
}
