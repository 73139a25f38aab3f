<?php

declare(strict_types=1);

use App\Models\School;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

it('lets every table of ours belong to a school', function (): void {
    $others = [
        'schools', 'migrations', 'sessions', 'cache', 'cache_locks', 'jobs', 'failed_jobs', 'password_reset_tokens',
        'personal_access_tokens',
    ];
    foreach (array_diff(Schema::getTableListing(schemaQualified: false), $others) as $table) {
        expect(Schema::hasColumn($table, 'school_id'))->toBeTrue($table);
    }
});

it('refuses to join two schools', function (string $table, string $column, string $from): void {
    [$here, $there] = [$this->school(), $this->school('Other Hall')];

    expect(
        fn () => DB::transaction(
            fn () => DB::table($table)
                ->where('school_id', $here->id)
                ->limit(1)
                ->update([$column => DB::table($from)->where('school_id', $there->id)->value('id')]),
        ),
    )->toThrow(QueryException::class, 'foreign key');
})->with([
    ['attacks', 'needed_by_id', 'ranks'],
    ['attacks', 'needed_by_youth_id', 'ranks'],
    ['answers', 'attack_id', 'attacks'],
    ['answers', 'rank_id', 'ranks'],
    ['students', 'rank_id', 'ranks'],
]);

it('refuses figures and words that mean nothing', function (string $table, array $values, string $constraint): void {
    $school = $this->school();

    expect(
        fn () => DB::transaction(function () use ($school, $table, $values): void {
            DB::statement('set constraints all immediate');
            DB::table($table)
                ->where($table === 'schools' ? 'id' : 'school_id', $school->id)
                ->update($values);
        }),
    )->toThrow(QueryException::class, $constraint);
})->with([
    'a share above one' => ['schools', ['share' => 1.5], 'schools_share_check'],
    'a doctrine of none' => ['schools', ['doctrine' => 'revenge'], 'schools_doctrine_check'],
    'a spelling of none' => ['schools', ['bearings' => 'runes'], 'schools_bearings_check'],
    'a rank of no beats' => ['ranks', ['max_beats' => 0], 'ranks_max_beats_check'],
    'a goal beyond the ladder' => ['ranks', ['goal_rung' => 42], 'foreign key'],
    'a standing still' => ['rungs', ['pace' => 0], 'rungs_figures_check'],
    'too prevalent' => ['attacks', ['prevalence' => 6], 'attacks_prevalence_check'],
    'a third hand' => ['attacks', ['hand' => 'third'], 'attacks_hand_check'],
    'thirteen o’clock' => ['attacks', ['bearing' => '13'], 'attacks_bearing_check'],
    'half a short form' => ['answers', ['short_beats' => 2], 'answers_short_check'],
    'a giant' => ['students', ['height' => 3], 'students_height_check'],
    'two ranks in one place' => ['ranks', ['position' => 0], 'ranks_school_id_position_unique'],
    'two answers of one code' => ['attacks', ['code' => 'same'], 'attacks_school_id_code_unique'],
]);

it('knows a student’s sign-in by its student, and no other', function (): void {
    $school = $this->school();
    $row = ['school_id' => $school->id, 'name' => 'X', 'email' => 'x@small.example', 'password' => 'x'];

    expect(fn () => DB::transaction(fn () => DB::table('users')->insert([...$row, 'role' => 'student'])))
        ->toThrow(QueryException::class, 'users_student_check')
        ->and(
            fn () => DB::transaction(
                fn () => DB::table('users')->insert([
                    ...$row,
                    'role' => 'head',
                    'student_id' => $school->students()->value('id'),
                ]),
            ),
        )
        ->toThrow(QueryException::class, 'users_student_check')
        ->and(fn () => DB::transaction(fn () => DB::table('users')->insert([...$row, 'role' => 'owner'])))
        ->toThrow(QueryException::class, 'users_role_check');
});

it('lets a whole school go, with everything in it', function (): void {
    $school = $this->school();
    $other = $this->school('Other Hall');
    DB::transaction(fn () => School::query()->whereKey($school->id)->delete());
    DB::statement('set constraints all immediate');

    foreach (['reps', 'answers', 'attacks', 'students', 'ranks', 'rungs'] as $table) {
        expect(DB::table($table)->where('school_id', $school->id)->count())->toBe(0, $table)
            ->and(DB::table($table)->where('school_id', $other->id)->exists())->toBeTrue($table);
    }
});
