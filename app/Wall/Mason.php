<?php

declare(strict_types=1);

namespace App\Wall;

use App\Catalogue\CatalogueMapper;
use App\Catalogue\HoleBook;
use App\Catalogue\ProofBook;
use App\Models\School;
use App\Models\Student;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Catalogue\Catalogue;
use StoneDrill\Core\Coverage\Coverage;

/** Builds the wall of a school as it is asked for. */
final readonly class Mason
{
    public function __construct(private CatalogueMapper $mapper, private HoleBook $holes) {}

    public function build(School $school, WallQuery $query): Wall
    {
        $catalogue = $this->mapper->curriculum($school);
        $coverage = Coverage::of($catalogue);
        $cells = $query->selection->among($coverage->cells);
        $known = $this->holes->known($school);
        $holes = new HoleList($query->holes($known ?? $coverage->holes, $cells, $catalogue), $known !== null);

        return new Wall($catalogue, $coverage, $cells, $holes, new WallPicture(
            $catalogue,
            $coverage,
            $cells,
            $query->ranks($catalogue),
            $this->moss($school, $query, $catalogue),
            $holes->numbers(),
            $this->ids($school),
            $query->since === null ? null : $this->past($school, $query, $query->since),
        ));
    }

    /** A wall as it would be, beside the one that stands. */
    public function compare(School $school, Catalogue $now, Catalogue $then): WallPicture
    {
        $coverage = Coverage::of($then);

        return new WallPicture($then, $coverage, $coverage->cells, $then->ranks, [], [], $this->ids($school), new Past(Coverage::of($now)));
    }

    /** @return list<Moss> */
    private function moss(School $school, WallQuery $query, Catalogue $catalogue): array
    {
        return $query->student === null
            ? [$this->ofRanks($school, ProofBook::of($school, $this->mapper))]
            : array_map(fn (Student $student): Moss => $this->ofStudent($student, $catalogue, CarbonImmutable::now()), array_values(array_filter([$query->student, $query->against])));
    }

    private function past(School $school, WallQuery $query, CarbonImmutable $day): Past
    {
        $then = $this->mapper->curriculumAt($school, $day);

        return new Past(Coverage::of($then), match (true) {
            $query->student === null => $this->ofRanks($school, ProofBook::at($school, $this->mapper, $day)),
            $query->against === null => $this->ofStudent($query->student, $then, $day),
            // Two students and two moments would be four figures on a stone.
            default => null,
        });
    }

    private function ofRanks(School $school, ProofBook $proof): Moss
    {
        return new RankMoss($proof, array_values($school->students()->with('rank')->get()->map($this->mapper->student(...))->all()));
    }

    private function ofStudent(Student $student, Catalogue $catalogue, CarbonImmutable $at): Moss
    {
        $attacks = array_column($catalogue->attacks, null, 'id');
        $reps = $this->mapper->reps($student->school->reps()->where('student_id', $student->id)->with(['student', 'attack', 'answer'])->get());

        return new StudentMoss($student->name, $catalogue, array_values(array_filter($reps, static fn ($rep): bool => isset($attacks[$rep->attack]))), $at);
    }

    /** @return array<string, int> id of the attack's row, by code */
    private function ids(School $school): array
    {
        return $school->attacks->pluck('id', 'code')->all();
    }
}
