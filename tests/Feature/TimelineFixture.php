<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\View\Ladder\Timeline;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Ladder;

/** What the tests of Timeline share. */
final class TimelineFixture
{
    public static function timelineRep(School $school, int $number, array $more = []): string
    {
        $id = sprintf('0b7e1f60-9999-4000-8000-%012d', $number);
        DB::table('reps')->insert([
            'id' => $id,
            'school_id' => $school->id,
            'student_id' => $school->students()->where('code', 'bo')->value('id'),
            'attack_id' => $school->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 3,
            'outcome' => 'clean',
            'at' => '2026-11-12 19:00:00+00',
            'recorded_at' => now(),
            ...$more,
        ]);

        return $id;
    }

    public static function timelineOf(School $school, string $day): Timeline
    {
        $reps = $school
            ->reps()
            ->whereRelation('student', 'code', 'bo')
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->toBase()
            ->get();

        return new Timeline(
            $reps,
            $school->attacks()->pluck('title', 'id')->all(),
            Ladder::builtIn(),
            CarbonImmutable::parse($day),
        );
    }
}
