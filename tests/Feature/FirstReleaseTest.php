<?php

declare(strict_types=1);

use App\Models\School;
use App\Persistence\CatalogueMapper;
use Illuminate\Database\Connection;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/**
 * Every column, constraint, index, trigger and function of the schema.
 *
 * @return array<string, list<string>>
 */
function schemaOf(Connection $connection, string $schema): array
{
    // A dump that is read again spells casts and brackets in another way.
    $ask = fn (string $sql): array => array_map(fn (object $row): string => (string) preg_replace('/::(?:text|character varying|double precision)(?:\[\])?|[()\[\]]/', '', implode(' · ', (array) $row)), $connection->select($sql, [$schema]));

    return [
        'columns' => $ask('select table_name, column_name, data_type, character_maximum_length, is_nullable, column_default from information_schema.columns where table_schema = ? order by 1, 2'),
        'constraints' => $ask('select c.conrelid::regclass::text, c.conname, pg_get_constraintdef(c.oid) from pg_constraint c join pg_namespace n on n.oid = c.connamespace where n.nspname = ? and c.contype <> \'t\' order by 1, 2'),
        'indexes' => $ask('select tablename, indexname, indexdef from pg_indexes where schemaname = ? order by 1, 2'),
        'triggers' => $ask('select t.tgrelid::regclass::text, t.tgname, pg_get_triggerdef(t.oid) from pg_trigger t join pg_class c on c.oid = t.tgrelid join pg_namespace n on n.oid = c.relnamespace where n.nspname = ? and not t.tgisinternal order by 1, 2'),
        'functions' => $ask('select p.proname, pg_get_functiondef(p.oid) from pg_proc p join pg_namespace n on n.oid = p.pronamespace where n.nspname = ? order by 1'),
    ];
}

it('brings a database of the first release, with what is in it, to the schema of today', function (): void {
    $fresh = schemaOf(DB::connection(), 'public');
    // Within the test's transaction: nothing of it stays.
    foreach (DB::select("select 'drop table ' || quote_ident(tablename) || ' cascade' as statement from pg_tables where schemaname = 'public'
        union all select 'drop function ' || p.oid::regprocedure from pg_proc p where p.pronamespace = 'public'::regnamespace") as $drop) {
        DB::statement($drop->statement);
    }
    DB::unprepared((string) file_get_contents(base_path('tests/fixtures/first-release.sql')));
    Artisan::call('migrate', ['--force' => true]);

    expect(schemaOf(DB::connection(), 'public'))->toBe($fresh);
    $school = School::query()->firstOrFail();
    expect($school->zone)->toBe('UTC')->and($school->reps()->count())->toBe(2)->and($school->users()->count())->toBe(4)
        ->and(app(CatalogueMapper::class)->everything($school)->reps)->toHaveCount(2);
    // Whoever goes takes nothing along, though a correction of then has no reason.
    $school->users()->where('role', 'instructor')->firstOrFail()->delete();
    expect($school->reps()->count())->toBe(2);
});

it('reads no enum of today in a migration', function (string $file): void {
    expect((string) file_get_contents($file))->not->toMatch('/^use (?!Illuminate\\\\)/m');
})->with(fn (): array => glob(dirname(__DIR__, 2).'/database/migrations/*.php') ?: []);
