<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\View\Board\Board;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** What the tests of Board share. */
final class BoardFixture
{
    public static function boardRep(
        School $school,
        int $number,
        string $student,
        CarbonImmutable $at,
        array $more = [],
    ): void {
        DB::table('reps')->insert([
            'id' => sprintf('0b7e1f60-8888-4000-8000-%012d', $number),
            'school_id' => $school->id,
            'student_id' => $school->students()->where('code', $student)->value('id'),
            'attack_id' => $school->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => $at,
            'recorded_at' => $at,
            ...$more,
        ]);
    }

    public static function boardOf(School $school, string $sort = 'name'): Board
    {
        return new Board(
            $school,
            $school->students()->with('rank')->get(),
            app(CatalogueMapper::class),
            app(\App\Persistence\CoverageBook::class),
            CarbonImmutable::now(),
            $sort,
        );
    }
}
