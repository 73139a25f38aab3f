<?php

declare(strict_types=1);

namespace App\Actions;

use App\Footage\FootageSource;
use App\Footage\FootageStore;
use App\Models\Answer as AnswerRow;
use App\Models\Rank as RankRow;
use App\Models\School as SchoolRow;
use App\Models\User;
use App\Persistence\CatalogueColumns;
use App\Persistence\ImportReport;
use App\Persistence\Progress;
use App\Persistence\RowSync;
use App\Persistence\StandardLadder;
use Closure;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Rep;

/**
 * Imports a catalogue into a school: rows with a code that the school has already take the file's values, others are
 * added, nothing is removed, and a rep whose id is there already stays as it is. All of it or nothing.
 */
final class ImportCatalogue
{
    private ImportReport $report;

    private RowSync $rows;

    /**
     * @param ?FootageSource      $files the pictures and clips beside the file; null where there are none
     * @param ?Closure(int): void $tell  is told the percent of its rows that are in
     */
    public function import(
        SchoolFile $file,
        SchoolRow $school,
        ?User $by = null,
        ?FootageSource $files = null,
        ?Closure $tell = null,
    ): ImportReport {
        $progress = $tell === null
            ? null
            : new Progress(
                count($file->catalogue->attacks)
                    + count($file->catalogue->answers)
                    + count($file->students)
                    + count($file->reps),
                $tell,
            );

        return DB::transaction(function () use ($file, $school, $by, $files, $progress): ImportReport {
            $report = activity()->withoutLogs(
                fn (): ImportReport => $this->bring(
                    $files === null ? $file->withFootage([]) : $file,
                    $school,
                    $by,
                    $files,
                    $progress,
                ),
            );
            activity()
                ->performedOn($school)
                ->causedBy($by)
                ->event('imported')
                ->withProperties(['attributes' => $report->changes()])
                ->log('imported');

            return $report;
        });
    }

    /** What {@see import()} would do, without doing it. */
    public function rehearse(SchoolFile $file, SchoolRow $school): ImportReport
    {
        DB::beginTransaction();
        try {
            return activity()->withoutLogs(fn (): ImportReport => $this->bring($file, clone $school, null));
        } finally {
            DB::rollBack();
        }
    }

    private function bring(
        SchoolFile $file,
        SchoolRow $school,
        ?User $by,
        ?FootageSource $files = null,
        ?Progress $progress = null,
    ): ImportReport {
        $catalogue = $file->catalogue;
        $this->report = new ImportReport($progress);
        $this->rows = new RowSync($this->report);
        $school->fill(CatalogueColumns::school($catalogue));
        $this->report->count('school', $school->exists, $school->isDirty());
        $school->save();
        $this->rows->sync(
            'rungs',
            $school->rungs(),
            'number',
            array_map(StandardLadder::columns(...), $catalogue->ladder->rungs),
        );
        $this->rows->sync('kinds', $school->kinds(), 'code', array_map(CatalogueColumns::kind(...), $catalogue->kinds));
        $ranks = $this->ranks($catalogue, $school);
        $attacks = $this->rows->sync(
            'attacks',
            $school->attacks(),
            'code',
            array_map(
                static fn (Attack $attack): array => CatalogueColumns::attack($attack, $ranks),
                $catalogue->attacks,
            ),
            $by,
        );
        $answers = $this->rows->sync(
            'answers',
            $school->answers(),
            'code',
            array_map(
                static fn (Answer $answer): array => CatalogueColumns::answer($answer, $ranks, $attacks),
                $catalogue->answers,
            ),
            $by,
        );
        $this->variants($catalogue->answers, $answers);
        $students = $this->rows->sync(
            'students',
            $school->everyone(),
            'code',
            array_map(
                static fn (Student $student): array => CatalogueColumns::student($student, $ranks),
                $file->students,
            ),
        );
        $classes = (new ImportClasses($this->rows))->import($file->classes, $school, $students);
        $solos = (new ImportSolos($this->rows, $this->report))->import($file, $school, $ranks, $students, $by);
        $tests = new ImportTests($this->report);
        $tests->awards($file->students, $school, $students);
        (new ImportReps($this->report))->import(
            $file,
            $school,
            ['students' => $students, 'attacks' => $attacks, 'answers' => $answers, 'classes' => $classes],
            $by,
        );
        $tests->tests($file->tests, $school, $students, $by);
        (new ImportFootage(app(FootageStore::class), $this->report))->import(
            $file->footage,
            $school,
            ['attack' => $attacks, 'answer' => $answers, ...$solos, 'student' => $students],
            $files,
            $by,
        );
        $school->unsetRelations();

        return $this->report;
    }

    /**
     * Ranks of the file come first, in its order; others that the school has stay above them.
     *
     * @return array<string, int> id of the row by code
     */
    private function ranks(Catalogue $catalogue, SchoolRow $school): array
    {
        $rows = [];
        foreach ($catalogue->ranks as $position => $rank) {
            $rows[] = [
                'code' => $rank->id,
                'position' => $position,
                'name' => $rank->name,
                'max_beats' => $rank->maxBeats,
                'goal_rung' => $rank->goalRung,
            ];
        }
        $position = count($rows);
        $school
            ->ranks()
            ->whereNotIn('code', array_column($catalogue->ranks, 'id'))
            ->get()
            ->each(static function (RankRow $rank) use (&$position): void {
                $rank->update(['position' => $position++]);
            });

        return $this->rows->sync('ranks', $school->ranks(), 'code', $rows);
    }

    /**
     * Which answer is another form of which, once all of them have a row.
     *
     * @param list<Answer>       $answers
     * @param array<string, int> $ids     by code
     */
    private function variants(array $answers, array $ids): void
    {
        foreach ($answers as $answer) {
            AnswerRow::query()
                ->whereKey($ids[$answer->id])
                ->update(['variant_of_id' => $ids[$answer->teaching->variantOf ?? ''] ?? null]);
        }
    }
}
