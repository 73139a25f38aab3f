<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\School;
use App\Models\User;
use App\Persistence\ImportReport;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Proof\Rep;

/** Brings the reps of a file into a school; those that it has already stay as they are. */
final readonly class ImportReps
{
    private const CHUNK = 500;

    public function __construct(private ImportReport $report) {}

    /** @param array<string, array<string, int>> $ids of rows, by section and code */
    public function import(SchoolFile $file, School $school, array $ids, ?User $by): void
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
            self::originalsFirst($file->reps),
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
    private static function originalsFirst(array $reps): array
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
