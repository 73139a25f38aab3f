<?php

declare(strict_types=1);

use App\Models\Role;
use App\Watch\Counters;
use Carbon\CarbonImmutable;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

// What is seen of an installation from outside: ids, lines of the log, health, figures.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/stone-drill-watch-'.getmypid();
    config([
        'installation.watch-token' => 'let-me-see',
        'installation.backups.folder' => "{$this->folder}/backups",
        'logging.channels.requests.path' => "{$this->folder}/requests.log",
        'logging.channels.daily.path' => "{$this->folder}/laravel.log",
    ]);
    File::makeDirectory("{$this->folder}/backups", recursive: true, force: true);
    Log::forgetChannel('requests');
    Log::forgetChannel('daily');
    Counters::forget();
    Context::flush();
    $this->lines = fn (string $name): array => array_map(
        static fn (string $line): array => json_decode($line, true, flags: JSON_THROW_ON_ERROR),
        File::lines(File::glob("{$this->folder}/{$name}-*.log")[0])
            ->filter()
            ->values()
            ->all(),
    );
    $this->watch = fn (string $path) => $this->withToken('let-me-see')->getJson($path);
});

afterEach(function (): void {
    File::deleteDirectory($this->folder);
    Log::forgetChannel('requests');
    Log::forgetChannel('daily');
});

it('gives each request an id of its own, and a line with it and the school', function (): void {
    $hall = $this->school();
    $this->actingAs($head = $this->person($hall, Role::Head));
    $ids = array_map(fn (string $path): string => (string) $this->get($path)->headers->get('X-Request-Id'), [
        '/people?find=Ada+Quill',
        '/nowhere',
    ]);
    [$people, $nowhere] = ($this->lines)('requests');

    expect($ids[0])->toMatch('/^[0-9a-z]{26}$/')
        ->not->toBe($ids[1])
        ->and($people['message'])->toBe('GET people')
        ->and($people['extra'])->toEqual(['request' => $ids[0], 'school' => $hall->id])
        ->and($people['context'])->toHaveKeys(['status', 'milliseconds', 'kilobytes'])
        ->and([$nowhere['message'], $nowhere['context']['status'], $nowhere['extra']['request']])
        ->toBe(['GET none', 404, $ids[1]])
        // Nobody's name, address or search is in it.
        ->and(json_encode([$people, $nowhere]))->not->toContain('Quill')
        ->not->toContain($head->email)
        ->not->toContain('127.0.0.1');
});

it('says on the page of an error under which id the log has it', function (): void {
    Route::get('try-to-fail', fn () => throw new RuntimeException('a wheel came off'))->middleware('web');
    $response = $this->get('/try-to-fail')->assertStatus(500);
    $id = (string) $response->headers->get('X-Request-Id');
    $response->assertSee("finds it in the log as {$id}");
    $line = ($this->lines)('laravel')[0];

    expect([$line['message'], $line['extra']['request'], $line['level_name']])->toBe(['a wheel came off', $id, 'ERROR'])
        ->and($line['context']['exception']['trace'])->not->toBeEmpty();
});

it('leaves out of the log what a query was asked with', function (): void {
    try {
        DB::transaction(
            fn () => DB::insert('insert into users (name, email) values (?, ?)', ['Ada Quill', 'ada@quill.example']),
        );
    } catch (QueryException $error) {
        report($error);
    }
    $line = ($this->lines)('laravel')[0];

    expect($error->getMessage())->toContain('Ada Quill')
        ->and($line['context']['query'])->toBe('insert into users (name, email) values (?, ?)')
        ->and($line['context']['state'])->toBe('23502')
        ->and(json_encode($line))->not->toContain('Quill')
        ->not->toContain('quill.example');
});

it('shows health and figures to nobody without the token', function (string $path): void {
    $this->get($path)->assertNotFound();
    $this->withToken('let-me-sea')->get($path)->assertNotFound();
    config(['installation.watch-token' => '']);
    $this->withToken('')->get($path)->assertNotFound();
})->with(['/health', '/metrics']);

it('is well while everything is', function (): void {
    config(['installation.born' => base_path('composer.json')]);
    touch(
        $backup = "{$this->folder}/backups/"
        .CarbonImmutable::now()->utc()->subHours(20)->format('Ymd\\THis\\Z')
        .'.drill-backup',
    );
    ($this->watch)('/health')
        ->assertOk()
        ->assertJson([
            'ok' => true,
            'database' => ['ok' => true],
            'queue' => ['ok' => true, 'waiting' => 0, 'oldest_seconds' => 0, 'failed' => 0],
            'disk' => ['ok' => true],
            'backup' => ['ok' => true, 'age_seconds' => 72_000],
        ]);

    // The next night's is missing.
    $this->travel(7)->hours();
    ($this->watch)('/health')
        ->assertStatus(503)
        ->assertJson([
            'ok' => false,
            'backup' => ['ok' => false, 'age_seconds' => 97_200],
            'database' => ['ok' => true],
        ]);
});

it('is not well when nobody works through the queue, or the database is away', function (): void {
    touch("{$this->folder}/backups/".CarbonImmutable::now()->utc()->format('Ymd\\THis\\Z').'.drill-backup');
    $now = CarbonImmutable::now()->getTimestamp();
    $job = ['queue' => 'default', 'payload' => '{}', 'attempts' => 0, 'created_at' => $now];
    // One is being worked on, one is for later, one has waited for a minute.
    DB::table('jobs')->insert([
        [...$job, 'reserved_at' => $now, 'available_at' => $now - 900],
        [...$job, 'reserved_at' => null, 'available_at' => $now + 60],
        [...$job, 'reserved_at' => null, 'available_at' => $now - 60],
    ]);
    ($this->watch)('/health')
        ->assertOk()
        ->assertJsonPath('queue', ['ok' => true, 'waiting' => 1, 'oldest_seconds' => 60, 'failed' => 0]);

    $this->travel(2)->minutes();
    ($this->watch)('/health')
        ->assertStatus(503)
        ->assertJsonPath('queue.oldest_seconds', 180)
        ->assertJsonPath('queue.waiting', 2);

    config([
        'database.connections.gone' => [...config('database.connections.pgsql'), 'port' => 1],
        'database.default' => 'gone',
    ]);
    ($this->watch)('/health')
        ->assertStatus(503)
        ->assertJsonPath('database', ['ok' => false, 'milliseconds' => null])
        ->assertJsonPath('queue', ['ok' => false]);
    config(['database.default' => 'pgsql']);
});

it('counts requests and reps as Prometheus reads them', function (): void {
    $hall = $this->school();
    foreach ([0.004, 0.04, 7.5, 40.0] as $seconds) {
        Counters::request('GET', 'people/{student}', 200, $seconds);
    }
    Counters::request('POST', 'a"b', 422, 0.02);
    Counters::rep(45.0);
    $text = ($this->watch)('/metrics')
        ->assertOk()
        ->assertHeader('Content-Type', 'text/plain; version=0.0.4; charset=utf-8')
        ->getContent();
    $lines = explode("\n", (string) $text);

    expect($lines)
        ->toContain(
            '# TYPE stone_drill_requests_total counter',
            'stone_drill_requests_total{method="GET",route="people/{student}",status="200"} 4',
            'stone_drill_requests_total{method="POST",route="a\"b",status="422"} 1',
        )
        ->toContain(
            'stone_drill_request_seconds_bucket{route="people/{student}",le="0.01"} 1',
            'stone_drill_request_seconds_bucket{route="people/{student}",le="0.05"} 2',
            'stone_drill_request_seconds_bucket{route="people/{student}",le="5"} 2',
        )
        ->toContain(
            'stone_drill_request_seconds_bucket{route="people/{student}",le="10"} 3',
            'stone_drill_request_seconds_bucket{route="people/{student}",le="+Inf"} 4',
            'stone_drill_request_seconds_count{route="people/{student}"} 4',
            'stone_drill_request_seconds_sum{route="people/{student}"} 47.544',
        )
        ->toContain(
            'stone_drill_sync_lag_seconds_bucket{le="10"} 0',
            'stone_drill_sync_lag_seconds_bucket{le="60"} 1',
            'stone_drill_sync_lag_seconds_sum 45',
        )
        ->toContain(
            'stone_drill_reps_total '.$hall->reps()->count(),
            'stone_drill_jobs_waiting 0',
            'stone_drill_schools 1',
        );
    // No backup yet: no age.
    expect($text)->not->toContain('stone_drill_backup_age')
        ->and(preg_match_all('/^# TYPE (\S+)/m', (string) $text, $types))->toBe(count(array_unique($types[1])));
});
