<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\View\Wall\Stone;
use App\View\Wall\WallBuilder;
use App\View\Wall\WallPicture;
use App\View\Wall\WallQuery;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What the tests of Pictures share. */
final class PicturesFixture
{
    public static function wallOf(School $school, string $query = ''): WallPicture
    {
        return app(WallBuilder::class)->build(
            $school,
            WallQuery::of(Request::create('/wall?'.$query), $school),
        )->picture;
    }

    /** @return list<string> the states of one column, the lowest course first */
    public static function column(WallPicture $wall, int $column): array
    {
        $stones = array_filter($wall->stones, fn (Stone $stone): bool => $stone->place->column === $column);
        usort($stones, fn (Stone $a, Stone $b): int => $a->place->course <=> $b->place->course);

        return array_map(fn (Stone $stone): string => $stone->state->value, $stones);
    }

    public static function recordRep(
        School $school,
        string $id,
        string $outcome,
        int $rung = 2,
        ?CarbonImmutable $at = null,
    ): void {
        DB::table('reps')->insert([
            'id' => "0b7e1f60-4444-4000-8000-{$id}",
            'school_id' => $school->id,
            'student_id' => $school->students()->value('id'),
            'attack_id' => $school->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => $rung,
            'outcome' => $outcome,
            'at' => $at ?? now(),
            'recorded_at' => now(),
        ]);
    }
}
