<?php

declare(strict_types=1);

namespace App\Persistence;

use App\Models\School;
use DateTimeImmutable;
use StoneDrill\Core\Coverage\Coverage;
use StoneDrill\Core\Coverage\Hole;
use StoneDrill\Core\Coverage\Works;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Drill\Pool;
use StoneDrill\Core\Drill\Preparation;

/**
 * What a school's answers cover by what works, worked out anew when anything that it teaches changes and kept until
 * then.
 */
final readonly class CoverageBook
{
    private const SECONDS = 7 * 86_400;

    public function __construct(private CatalogueMapper $mapper, private RunBook $runs, private RevisionCache $kept) {}

    public function of(School $school): Coverage
    {
        return $this->read('coverage', $school, $this->mapper->curriculum($school));
    }

    /** The same as those under 16 learn it. */
    public function forYouth(School $school): Coverage
    {
        return $this->read('youth', $school, $this->mapper->curriculum($school)->forYouth());
    }

    /**
     * Who can be drilled on what at a moment, grown-ups and those under 16.
     *
     * @param list<Preparation> $prepared what the ways to coming tests have taught and had drilled
     */
    public function pool(School $school, DateTimeImmutable $at, array $prepared): Pool
    {
        $catalogue = $this->mapper->curriculum($school);
        $youth = $catalogue->forYouth();

        return new Pool(
            $catalogue,
            $this->of($school)->cells,
            $youth,
            $this->read('youth', $school, $youth)->cells,
            $at,
            $prepared,
        );
    }

    /**
     * What some can be drilled on: of grown-ups nobody asks what those under 16 learn.
     *
     * @param list<Student>     $students
     * @param list<Preparation> $prepared
     */
    public function poolOf(School $school, array $students, DateTimeImmutable $at, array $prepared): Pool
    {
        if (array_find($students, static fn (Student $student): bool => $student->isYouthOn($at)) !== null) {
            return $this->pool($school, $at, $prepared);
        }
        [$catalogue, $cells] = [$this->mapper->curriculum($school), $this->of($school)->cells];

        return new Pool($catalogue, $cells, $catalogue, $cells, $at, $prepared);
    }

    /** What another catalogue of the school covers: what it would teach, or once taught. */
    public function ofAnother(School $school, Catalogue $catalogue): Coverage
    {
        $memory = $this->runs->of($school);
        $before = count($memory->all());
        $coverage = Coverage::of($catalogue, new Works($catalogue, $memory));
        if (count($memory->all()) > $before) {
            $this->runs->keep($school, $memory->all());
        }

        return $coverage;
    }

    /** The same with what its answers lack: everything that a setting may change, without what could be widened. */
    public function wholeOfAnother(School $school, Catalogue $catalogue): Coverage
    {
        return Coverage::whole($catalogue, $this->runs->of($school));
    }

    private function read(string $name, School $school, Catalogue $catalogue): Coverage
    {
        /** @var array{array<string, array<string, int>>, list<Hole>} $kept */
        $kept = $this->kept->near(
            "{$name}:{$school->id}",
            Revision::ofCurriculum($school),
            self::SECONDS,
            function () use ($school, $catalogue): array {
                $coverage = $this->ofAnother($school, $catalogue);

                return [$coverage->worksFrom(), $coverage->holes];
            },
        );

        return Coverage::known($catalogue, ...$kept);
    }
}
