<?php

declare(strict_types=1);

use App\Http\Middleware\ReadFromReplica;
use App\Http\Middleware\RememberWrites;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Route;

// Pages that only look may read from a copy of the database. The copy here is the same database on a line of its own.

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    config(['installation.replica' => true, 'database.connections.replica' => config('database.connections.pgsql')]);
    $this->reads = fn (string $path): string => (string) $this->get($path)->getContent();
    // A test is a transaction, in which everything is read from where it is written: what would be read from is asked
    // for.
    $where = static function (): string {
        $read = DB::connection()->getRawReadPdo();

        $pdo = $read instanceof Closure ? $read() : DB::connection()->getPdo();
        expect($pdo)->toBeInstanceOf(PDO::class);

        return $pdo === DB::connection()->getPdo() ? 'here' : 'copy';
    };
    Route::get('copy/look', $where)->middleware(['web', 'replica']);
    Route::get('copy/look-plainly', $where)->middleware('web');
    Route::post(
        'copy/write',
        static fn (): string => (string) DB::table('ranks')->update(['name' => DB::raw('name')]),
    )->middleware('web');
});

afterEach(fn () => DB::purge('replica'));

it('reads from the copy where a route says so, and nowhere else', function (): void {
    expect(($this->reads)('/copy/look'))->toBe('copy')
        ->and(($this->reads)('/copy/look-plainly'))->toBe('here')
        // The next one reads what is there again.
        ->and(DB::connection()->getRawReadPdo())->toBeNull();
    config(['installation.replica' => false]);
    expect(($this->reads)('/copy/look'))->toBe('here');
});

it('reads what somebody has written from where it was written, until the copy has it', function (): void {
    $this->post('/copy/write')->assertOk()
        ->assertSessionHas(
            RememberWrites::KEY,
            fn (string $at): bool => preg_match('#^[0-9A-F]+/[0-9A-F]+$#', $at) === 1,
        );
    // What is no copy at all has everything.
    expect(($this->reads)('/copy/look'))->toBe('copy');

    // A copy that has come only so far, and what was written beyond.
    DB::connection('replica')->beginTransaction();
    DB::connection('replica')->unprepared(
        "create function public.pg_last_wal_replay_lsn() returns pg_lsn language sql as \$\$ select '0/10'::pg_lsn \$\$; create function public.pg_is_in_recovery() returns bool language sql as 'select true'; set local search_path = public, pg_catalog",
    );
    $behind = fn (string $wrote): string => (string) $this->withSession([RememberWrites::KEY => $wrote])
        ->get('/copy/look')
        ->getContent();
    expect($behind('0/11'))->toBe('here')->and($behind('0/10'))->toBe('copy')->and($behind('0/A'))->toBe('copy');
});

it('reads from where it is written while the copy is away', function (): void {
    config(['database.connections.replica.port' => 1]);
    DB::purge('replica');

    expect(($this->reads)('/copy/look'))->toBe('here');
});

it('remembers nothing of who only looks', function (): void {
    $this->get('/copy/look')->assertSessionMissing(RememberWrites::KEY);
});

it('is for boards, walls, evidence and exports', function (): void {
    $names = collect(Route::getRoutes()->getRoutes())
        ->filter(
            fn ($route): bool => in_array('replica', $route->gatherMiddleware(), true) && $route->getName() !== null,
        )
        ->map(fn ($route): string => $route->getName())
        ->values()
        ->all();

    expect($names)->toContain('wall', 'board', 'export', 'export.zip', 'evidence', 'reps.export')
        ->not->toContain('holes', 'students.show', 'mat.kit')
        ->and(app('router')->getMiddleware()['replica'])->toBe(ReadFromReplica::class);
});
