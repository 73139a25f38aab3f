<?php

declare(strict_types=1);

use App\Models\School;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Tests\Feature\FirstReleaseFixture;

it('brings a database of the first release, with what is in it, to the schema of today', function (): void {
    $fresh = FirstReleaseFixture::schemaOf(DB::connection(), 'public');
    // Within the test's transaction: nothing of it stays.
    foreach (
        DB::select("select 'drop table ' || quote_ident(tablename) || ' cascade' as statement from pg_tables where schemaname = 'public'
        union all select 'drop function ' || p.oid::regprocedure from pg_proc p where p.pronamespace = 'public'::regnamespace") as $drop
    ) {
        DB::statement($drop->statement);
    }
    DB::unprepared((string) file_get_contents(base_path('tests/fixtures/first-release.sql')));
    Artisan::call('migrate', ['--force' => true]);

    expect(FirstReleaseFixture::schemaOf(DB::connection(), 'public'))->toBe($fresh);
    $school = School::query()->firstOrFail();
    expect($school->zone)->toBe('UTC')
        ->and($school->reps()->count())->toBe(2)
        ->and($school->users()->count())->toBe(4)
        ->and(app(CatalogueMapper::class)->everything($school)->reps)->toHaveCount(2);
    // What is kept beside the reps is there from the start.
    $standing = $school->reps()->standing()->get();
    expect((int) DB::table('rep_weeks')->where('school_id', $school->id)->sum('tries'))->toBe($standing->count())
        ->and(DB::table('rep_mistakes')->where('school_id', $school->id)->count())
        ->toBe($standing->sum(static fn ($rep): int => count($rep->mistakes)))
        ->and((int) DB::table('mistake_weeks')->where('school_id', $school->id)->where('of', 'attack')->sum('times'))
        ->toBe($standing->sum(static fn ($rep): int => count($rep->mistakes)))
        ->and(DB::table('reps_corrected_elsewhere')->count())->toBe(0);
    // Whoever goes takes nothing along, though a correction of then has no reason.
    $school->users()->where('role', 'instructor')->firstOrFail()->delete();
    expect($school->reps()->count())->toBe(2);
});

it('can be migrated anew, since dropping tables leaves functions behind', function (string $file): void {
    expect((string) file_get_contents($file))->not->toMatch('/create function/i');
})->with(fn (): array => glob(dirname(__DIR__, 2).'/database/migrations/*.php') ?: []);

it('reads no enum of today in a migration', function (string $file): void {
    expect((string) file_get_contents($file))->not->toMatch('/^use (?!Illuminate\\\\)/m');
})->with(fn (): array => glob(dirname(__DIR__, 2).'/database/migrations/*.php') ?: []);
