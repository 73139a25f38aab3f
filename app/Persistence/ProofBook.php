<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use Carbon\CarbonImmutable;
use Generator;
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
        $rankOf = $school->students()->reorder()->join('ranks', 'ranks.id', '=', 'students.rank_id')->pluck('ranks.code', 'students.id')->all();

        return ProvenShare::ofWindows($catalogue->ranks, $rankOf, $this->windows(new WindowBook($school, $catalogue), array_keys($rankOf), $at), $at);
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
