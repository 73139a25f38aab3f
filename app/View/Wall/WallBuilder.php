<?php

declare(strict_types=1);

namespace App\View\Wall;

use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\EvidenceBook;
use App\Persistence\HoleBook;
use App\Persistence\ProofBook;
use App\Persistence\Revision;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Curriculum\Catalogue;

/** Builds the wall of a school as it is asked for. */
final readonly class WallBuilder
{
    public function __construct(
        private CatalogueMapper $mapper,
        private CoverageBook $coverages,
        private HoleBook $holes,
        private ProofBook $proof,
        private EvidenceBook $evidence,
    ) {}

    /**
     * @param bool $whole whether all of a large wall is built, as for a file, and not one page of it
     * @param bool $waits whether whoever asks waits until everybody's proof is read
     */
    public function build(School $school, WallQuery $query, bool $whole = false, bool $waits = false): Wall
    {
        $curriculum = $this->mapper->curriculum($school);
        $catalogue = $query->isYouth ? $curriculum->forYouth() : $curriculum;
        $coverage = $query->isYouth ? $this->coverages->forYouth($school) : $this->coverages->of($school);
        $all = $query->selection->among($coverage->cells);
        $page = WallPage::of($all, $whole ? 0 : count($query->ranks($catalogue)), $query->page);
        $cells = $whole ? $all : $page->cells;
        // What youth lacks is told as far as it is known without running everything: what is not laid, and what fails.
        $known = $query->isYouth ? $coverage->holes : $this->holes->known($school);
        $holes = new HoleList(
            $query->holes($known ?? $coverage->holes, $cells, $catalogue, ! $whole && $page->isPart()),
            $known !== null,
            HoleBook::isLarge($catalogue),
            isYouth: $query->isYouth,
        );

        $moss = $this->moss($school, $query, $catalogue, $waits);
        $past = $query->since === null ? null : $this->past($school, $query, $catalogue, $query->since);
        $disputes = $query->isYouth ? [] : $this->evidence->disputes($school);

        return new Wall(
            $catalogue,
            $coverage,
            $cells,
            $holes,
            $page,
            new WallPicture(
                $catalogue,
                $coverage,
                $cells,
                $query->ranks($catalogue),
                $moss,
                $holes->numbers(),
                new StoneWords($catalogue, $moss, $this->ids($school), $past, $disputes),
                $past,
            ),
            $this->provenAt($school, $query),
        );
    }

    /** As of when its moss is told; null while a job reads what there is to tell. */
    public function provenAt(School $school, WallQuery $query): ?CarbonImmutable
    {
        return $query->student === null ? $this->proof->seenAt($school) : CarbonImmutable::now();
    }

    /**
     * What a wall is drawn from: most reps change nothing of it.
     *
     * @return string a name that is another one as soon as anything is drawn differently
     */
    public function mark(School $school, WallQuery $query): string
    {
        // Of one person, or of then, each try is told.
        return $query->student !== null || $query->since !== null
            ? Revision::of($school)
            : implode(' ', [
                Revision::ofCurriculum($school),
                $this->proof->fingerprint($school),
                hash('xxh128', serialize($this->evidence->disputes($school))),
            ]);
    }

    /** The same of its page, which says what is still looked for. */
    public function pageMark(School $school, WallQuery $query): string
    {
        return implode(' ', [
            $this->mark($school, $query),
            (int) $this->holes->areKnown($school),
            (int) $this->proof->isBehind($school),
        ]);
    }

    /** A wall as it would be, beside the one that stands. */
    public function compare(School $school, Catalogue $now, Catalogue $then): WallPicture
    {
        $coverage = $this->coverages->ofAnother($school, $then);
        $past = new ComparedWall($this->coverages->of($school));

        return new WallPicture(
            $then,
            $coverage,
            $coverage->cells,
            $then->ranks,
            [],
            [],
            new StoneWords($then, [], $this->ids($school), $past, []),
            $past,
        );
    }

    /** @return list<ProofOverlay> */
    private function moss(School $school, WallQuery $query, Catalogue $catalogue, bool $waits): array
    {
        if ($query->student === null) {
            $proof = $waits ? $this->proof->of($school) : $this->proof->seen($school);

            return $proof === null ? [] : [new RankProofOverlay($proof)];
        }

        return array_map(
            fn (Student $student): ProofOverlay => $this->ofStudent(
                $school,
                $student,
                $catalogue,
                CarbonImmutable::now(),
            ),
            array_values(array_filter([$query->student, $query->against])),
        );
    }

    private function past(School $school, WallQuery $query, Catalogue $catalogue, CarbonImmutable $day): ComparedWall
    {
        $then = $this->mapper->curriculumAt($school, $day);

        return new ComparedWall(
            $this->coverages->ofAnother($school, $query->isYouth ? $then->forYouth() : $then),
            match (true) {
                $query->student === null => new RankProofOverlay($this->proof->at($school, $day)),
                $query->against === null => $this->ofStudent($school, $query->student, $catalogue, $day),
                // Two students and two moments would be four figures on a stone.
                default => null,
            },
        );
    }

    private function ofStudent(
        School $school,
        Student $student,
        Catalogue $catalogue,
        CarbonImmutable $at,
    ): ProofOverlay {
        return new StudentProofOverlay(
            $this->mapper->student($student),
            (new WindowBook($school, $catalogue))->of([$student->id], $at)[$student->id],
            $at,
        );
    }

    /** @return array<string, int> id of the attack's row, by code */
    private function ids(School $school): array
    {
        return $school->attackIds();
    }
}
