<?php

declare(strict_types=1);

namespace App\Actions;

use App\Footage\FootageSource;
use App\Footage\FootageStore;
use App\Models\Answer as AnswerRow;
use App\Models\Rank as RankRow;
use App\Models\School as SchoolRow;
use App\Models\User;
use App\Persistence\ImportReport;
use App\Persistence\Progress;
use App\Persistence\RowSync;
use App\Persistence\StandardLadder;
use Closure;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Attack;
use StoneDrill\Core\Attack\AttackerLimb;
use StoneDrill\Core\Attack\DefenderHold;
use StoneDrill\Core\Attack\Hand;
use StoneDrill\Core\Attack\Kind;
use StoneDrill\Core\Curriculum\Answer;
use StoneDrill\Core\Curriculum\Catalogue;
use StoneDrill\Core\Curriculum\Mistake;
use StoneDrill\Core\Curriculum\PolicyRow;
use StoneDrill\Core\Curriculum\Student;
use StoneDrill\Core\Curriculum\Waiver;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Rep;

/**
 * Imports a catalogue into a school: rows with a code that the school has already take the file's values, others are
 * added, nothing is removed, and a rep whose id is there already stays as it is. All of it or nothing.
 */
final class ImportCatalogue
{
    private const CHUNK = 500;

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
        $school->fill($this->school($catalogue));
        $this->report->count('school', $school->exists, $school->isDirty());
        $school->save();
        $this->rows->sync(
            'rungs',
            $school->rungs(),
            'number',
            array_map(StandardLadder::columns(...), $catalogue->ladder->rungs),
        );
        $this->rows->sync('kinds', $school->kinds(), 'code', array_map($this->kind(...), $catalogue->kinds));
        $ranks = $this->ranks($catalogue, $school);
        $attacks = $this->rows->sync(
            'attacks',
            $school->attacks(),
            'code',
            array_map(fn (Attack $attack): array => $this->attack($attack, $ranks), $catalogue->attacks),
            $by,
        );
        $answers = $this->rows->sync(
            'answers',
            $school->answers(),
            'code',
            array_map(fn (Answer $answer): array => $this->answer($answer, $ranks, $attacks), $catalogue->answers),
            $by,
        );
        $this->variants($catalogue->answers, $answers);
        $students = $this->rows->sync(
            'students',
            $school->everyone(),
            'code',
            array_map(fn (Student $student): array => $this->student($student, $ranks), $file->students),
        );
        $classes = (new ImportClasses($this->rows))->import($file->classes, $school, $students);
        $solos = (new ImportSolos($this->rows, $this->report))->import($file, $school, $ranks, $students, $by);
        $tests = new ImportTests($this->report);
        $tests->awards($file->students, $school, $students);
        $this->reps(
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

    /** @return array<string, mixed> */
    private function school(Catalogue $catalogue): array
    {
        $school = $catalogue->school;

        return [
            'name' => $school->name,
            'doctrine' => $school->doctrine->value,
            'bearings' => $school->conventions->bearings->value,
            'typical' => $school->statures->typical,
            'share' => $school->proof->share,
            'half_life' => $school->proof->halfLife,
            'reaction_base' => $school->reaction->base,
            'reaction_per_bit' => $school->reaction->perBit,
            'tolerance' => $school->tolerance,
            'sizes' => $school->statures->sizes,
            'hole_factors' => $school->holeFactors,
            'policy' => $school->policy === null
                ? null
                : array_map(
                    static fn (PolicyRow $row): array => [
                        'hazard' => $row->hazard->value,
                        'under' => $row->under,
                        'rank' => $row->rank,
                        'level' => $row->level->value,
                    ],
                    $school->policy,
                ),
            'aliases' => $school->conventions->aliases,
            'nouns' => $school->conventions->nouns->words,
            'scope' => $school->conventions->scope->values,
            'zone' => $school->conventions->zone,
        ];
    }

    /** @return array<string, mixed> */
    private function kind(Kind $kind): array
    {
        return [
            'code' => $kind->id,
            'name' => $kind->words->name ?? $kind->id,
            'family' => $kind->family->value,
            'start' => $kind->start->value,
            'attacker_busy' => array_map(static fn (AttackerLimb $limb): string => $limb->value, $kind->attackerLimbs),
            'defender_held' => array_map(static fn (DefenderHold $held): string => $held->value, $kind->defenderHolds),
            'hands' => array_map(static fn (Hand $hand): string => $hand->value, $kind->hands),
            'bearings' => $kind->bearings,
            'cautions' => $kind->words->cautions ?? [],
        ];
    }

    /**
     * @param array<string, int> $ranks
     *
     * @return array<string, mixed>
     */
    private function attack(Attack $attack, array $ranks): array
    {
        return [
            'code' => $attack->id,
            'title' => $attack->title,
            'kind' => $attack->kind->id,
            ...$attack->facets->toArray(),
            'needed_by_id' => $ranks[$attack->need->rank ?? ''] ?? null,
            'needed_by_youth_id' => $ranks[$attack->need->youth ?? ''] ?? null,
            'prevalence' => $attack->prevalence,
            'critical' => $attack->need->isCritical,
            'recoil' => $attack->briefing->recoil,
            'notes' => $attack->briefing->notes,
            'cautions' => $attack->briefing->cautions,
        ];
    }

    /**
     * @param array<string, int> $ranks
     * @param array<string, int> $attacks
     *
     * @return array<string, mixed>
     */
    private function answer(Answer $answer, array $ranks, array $attacks): array
    {
        return [
            'code' => $answer->id,
            'title' => $answer->title,
            'label' => $answer->label,
            'attack_id' => $attacks[$answer->attack],
            'pattern' => $answer->matching->listed,
            'mirrored' => $answer->matching->mirrored,
            'rank_id' => $ranks[$answer->teaching->rank],
            'short_rank_id' => $answer->teaching->short === null ? null : $ranks[$answer->teaching->short->rank],
            'short_beats' => $answer->teaching->short?->beats,
            'doctrine' => $answer->teaching->doctrine?->value,
            'rank_youth_id' => $ranks[$answer->teaching->rankYouth ?? ''] ?? null,
            'is_for_youth' => $answer->teaching->youthRank() !== null,
            'mistakes' => array_column($answer->teaching->mistakes, 'text'),
            'instead' => self::instead($answer->teaching->mistakes),
            'waived' => array_map(
                static fn (Waiver $waiver): array => [
                    'check' => $waiver->check->value,
                    'beat' => $waiver->beat,
                    'reason' => $waiver->reason,
                ],
                $answer->teaching->waived,
            ),
            'beats' => $answer->beats->toText(),
        ];
    }

    /**
     * @param list<Mistake> $mistakes
     *
     * @return array<string, array{at: ?int, instead: string}> by their words
     */
    private static function instead(array $mistakes): array
    {
        $instead = [];
        foreach ($mistakes as $mistake) {
            if ($mistake->instead !== null) {
                $instead[$mistake->text] = ['at' => $mistake->at, 'instead' => $mistake->instead->toText()];
            }
        }

        return $instead;
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

    /**
     * @param array<string, int> $ranks
     *
     * @return array<string, mixed>
     */
    private function student(Student $student, array $ranks): array
    {
        return [
            'code' => $student->id,
            'name' => $student->name,
            'rank_id' => $ranks[$student->rank],
            'height' => $student->height,
            'born' => $student->born?->format('Y-m-d'),
            'flags' => $student->flags,
        ];
    }

    /** @param array<string, array<string, int>> $ids of rows, by section and code */
    private function reps(SchoolFile $file, SchoolRow $school, array $ids, ?User $by): void
    {
        $rows = array_map(
            static fn (Rep $rep): array => [
                'id' => $rep->id,
                'school_id' => $school->id,
                'student_id' => $ids['students'][$rep->student],
                'attack_id' => $ids['attacks'][$rep->attack],
                'side' => $rep->side->value,
                'rung' => $rep->rung,
                'outcome' => $rep->outcome->value,
                'at' => $rep->at->format('Y-m-d H:i:sP'),
                'answer_id' => $ids['answers'][$rep->details->answer ?? ''] ?? null,
                'mistakes' => (string) json_encode($rep->details->mistakes),
                'touched' => $rep->details->touched?->value,
                'seconds' => $rep->details->seconds,
                'stressor' => $rep->details->stressor,
                'source' => $rep->details->source->value,
                'replaces' => $rep->details->replaces,
                // Files of the first release may have corrections without one.
                'reason' => $rep->details->replaces === null ? null : $rep->details->reason ?? __('reps.no-reason'),
                'attacker_id' => $ids['students'][$rep->details->attacker ?? ''] ?? null,
                'attacked_by' => $rep->details->attackedBy?->value,
                'class_id' => $ids['classes'][$rep->details->class ?? ''] ?? null,
                'rules' => $rep->details->rules,
                'recorded_by_id' => $by?->id,
            ],
            $this->originalsFirst($file->reps),
        );
        foreach (array_chunk($rows, self::CHUNK) as $chunk) {
            $added = DB::table('reps')->insertOrIgnore($chunk);
            $this->report->add('reps', $added, count($chunk) - $added);
        }
    }

    /**
     * A correction can only be stored after the rep that it replaces.
     *
     * @param list<Rep> $reps
     *
     * @return list<Rep>
     */
    private function originalsFirst(array $reps): array
    {
        $ordered = $placed = [];
        $byId = array_column($reps, null, 'id');
        foreach ($reps as $rep) {
            $chain = [];
            for (
                $link = $rep;
                $link !== null && ! isset($placed[$link->id]);
                $link = $byId[$link->details->replaces ?? ''] ?? null
            ) {
                $chain[] = $link;
                $placed[$link->id] = true;
            }
            array_push($ordered, ...array_reverse($chain));
        }

        return $ordered;
    }
}
