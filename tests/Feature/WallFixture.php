<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\View\Wall\Stone;
use App\View\Wall\Wall;
use App\View\Wall\WallBuilder;
use App\View\Wall\WallQuery;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** What the tests of Wall share. */
final class WallFixture
{
    /** The wall at an address. */
    public static function wallAt(School $school, string $query): Wall
    {
        return app(WallBuilder::class)->build($school, WallQuery::of(Request::create('/wall?'.$query), $school));
    }

    /** @return list<string> what changed, as `column course what` */
    public static function stoneChanges(Wall $wall): array
    {
        return array_values(
            array_map(
                fn (Stone $stone): string => "{$stone->place->column} {$stone->place->course} {$stone->change->value}",
                array_filter($wall->picture->stones, fn (Stone $stone): bool => $stone->change !== null),
            ),
        );
    }

    public static function cleanRep(
        School $school,
        int $number,
        string $student,
        CarbonImmutable $at,
        array $mistakes = [],
        ?string $answer = null,
    ): void {
        DB::table('reps')->insert([
            'id' => sprintf('0b7e1f60-5555-4000-8000-%012d', $number),
            'school_id' => $school->id,
            'student_id' => $school->students()->where('code', $student)->value('id'),
            'attack_id' => $school->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => $at,
            'recorded_at' => $at,
            'mistakes' => json_encode($mistakes),
            'answer_id' => $school->answers()->where('code', $answer)->value('id'),
        ]);
    }
}
