<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\Rank;
use App\Models\RankAward;
use App\Models\Student;
use App\Models\Test;
use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Gives a student a rank as of a day. The rank of now is the one that was awarded last. */
final readonly class AwardRank
{
    public function award(
        Student $student,
        Rank $rank,
        CarbonImmutable $on,
        ?User $by,
        ?Test $test = null,
        string $note = '',
    ): void {
        DB::transaction(static function () use ($student, $rank, $on, $by, $test, $note): void {
            if ($student->awards()->doesntExist()) {
                // What they had before is known from the day on which the school took them in.
                $since = CarbonImmutable::parse($student->created_at ?? $on)->min($on);
                $student
                    ->awards()
                    ->create([
                        'school_id' => $student->school_id,
                        'rank_id' => $student->rank_id,
                        'awarded_on' => $since->toDateString(),
                    ]);
            }
            $student
                ->awards()
                ->create([
                    'school_id' => $student->school_id,
                    'rank_id' => $rank->id,
                    'awarded_on' => $on->toDateString(),
                    'awarded_by_id' => $by?->id,
                    'test_id' => $test?->id,
                    'note' => $note,
                ]);
            self::follow($student);
        });
    }

    /** Takes one back; the one before it counts again. */
    public function takeBack(RankAward $award, Student $student): void
    {
        DB::transaction(static function () use ($award, $student): void {
            $award->delete();
            self::follow($student);
        });
    }

    private static function follow(Student $student): void
    {
        $latest = $student->awards()->first();
        if ($latest !== null) {
            $student->update(['rank_id' => $latest->rank_id]);
        }
    }
}
