<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use App\Models\Student;
use App\Persistence\SecondWall;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

// Behind the queries that name their school, the database itself shows no other school's rows.

/**
 * Tables of a school that are read or written before anybody is known, or across schools: accounts, ways in, mails, the
 * log, and notes that there was a write, which say nothing of it.
 */
const BEFORE_THE_WALL = ['activity_log', 'guardianships', 'invitations', 'outbox', 'row_changes', 'tablets', 'users'];

/** @return list<string> tables behind it */
function walled(): array
{
    return array_column(
        DB::select(
            "select relname from pg_class where relnamespace = 'public'::regnamespace and relrowsecurity and relforcerowsecurity order by 1",
        ),
        'relname',
    );
}

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->other = $this->school('Other Hall');
});

afterEach(fn () => SecondWall::lift(DB::connection()));

it('stands before every table of a school', function (): void {
    $tables = array_column(
        DB::select(
            "select table_name from information_schema.columns where column_name = 'school_id' and table_schema = 'public' order by 1",
        ),
        'table_name',
    );

    expect([...walled(), ...BEFORE_THE_WALL])->toEqualCanonicalizing($tables);
});

it('shows nothing to who does not say for whom they ask, and a school its own', function (): void {
    $all = array_combine(walled(), array_map(fn (string $table): int => DB::table($table)->count(), walled()));
    $own = array_combine(
        walled(),
        array_map(fn (string $table): int => DB::table($table)->where('school_id', $this->hall->id)->count(), walled()),
    );
    expect($all['reps'])->toBeGreaterThan($own['reps'])->and($own['reps'])->toBeGreaterThan(0);

    DB::select("select set_config('stonedrill.school', '', false)");
    expect(array_filter(array_map(fn (string $table): int => DB::table($table)->count(), walled())))->toBe([]);
    SecondWall::keepTo(DB::connection(), $this->hall->id);
    expect(array_combine(walled(), array_map(fn (string $table): int => DB::table($table)->count(), walled())))->toBe(
        $own,
    );
    SecondWall::lift(DB::connection());
    expect(array_combine(walled(), array_map(fn (string $table): int => DB::table($table)->count(), walled())))->toBe(
        $all,
    );
});

it('takes nothing for another school, and changes nothing there', function (): void {
    SecondWall::keepTo(DB::connection(), $this->hall->id);

    expect(
        DB::table('students')
            ->where('school_id', $this->other->id)
            ->update(['name' => 'Taken']),
    )
        ->toBe(0)
        ->and(DB::table('students')->where('school_id', $this->other->id)->delete())->toBe(0)
        ->and(
            fn () => DB::transaction(
                fn () => DB::table('drill_lists')->insert(['school_id' => $this->other->id, 'name' => 'Theirs']),
            ),
        )
        ->toThrow(QueryException::class, 'row-level security');
    SecondWall::lift(DB::connection());
    expect(DB::table('students')->where('name', 'Taken')->count())->toBe(0);
});

it('stands while somebody is served, and for nobody else afterwards', function (): void {
    Route::get('all/students', static fn (): array => [Student::query()->count(), Rep::query()->count()])->middleware([
        'web',
        'auth',
    ]);
    Route::get('all/of-nobody', static fn (): array => [Student::query()->count()])->middleware('web');
    $everybody = Student::query()->count();
    $this->get('/all/of-nobody')->assertExactJson([$everybody]);

    $this->actingAs($this->person($this->hall, Role::Head))
        ->get('/all/students')
        ->assertExactJson([$this->hall->students()->count(), $this->hall->reps()->count()]);
    expect(Student::query()->count())->toBe($everybody);
});
