<?php

declare(strict_types=1);

use App\Console\Housekeeping;
use Carbon\CarbonImmutable;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;

it('removes what is over, and nothing else', function (): void {
    Storage::fake();
    $now = CarbonImmutable::now();
    DB::table('cache')->insert([
        ['key' => 'over', 'value' => 'x', 'expiration' => $now->timestamp - 1],
        ['key' => 'valid', 'value' => 'x', 'expiration' => $now->timestamp + 60],
    ]);
    $user = $this->person($this->school(), App\Models\Role::Head);
    $session = fn (string $id, ?int $of, int $minutes): array => [
        'id' => $id,
        'user_id' => $of,
        'payload' => '',
        'last_activity' => $now->subMinutes($minutes)->timestamp,
    ];
    DB::table('sessions')->insert([
        $session('guest', null, 121),
        $session('new guest', null, 119),
        $session('person', $user->id, 600),
        $session('gone', $user->id, 721),
    ]);
    Storage::put('imports/1/old.yaml', 'x');
    Storage::put('reps/1/old.csv', 'x');
    Storage::put('imports/1/new.yaml', 'x');
    foreach (['imports/1/old.yaml', 'reps/1/old.csv'] as $file) {
        touch(Storage::path($file), $now->subHours(25)->timestamp);
    }
    touch(Storage::path('imports/1/new.yaml'), $now->subHours(23)->timestamp);
    app(Housekeeping::class)->run($now);

    expect(DB::table('cache')->pluck('key')->all())->toBe(['valid'])
        ->and(DB::table('sessions')->orderBy('id')->pluck('id')->all())->toBe(['new guest', 'person'])
        ->and(Storage::allFiles())->toBe(['imports/1/new.yaml']);
});

it('does so every hour', function (): void {
    $events = array_filter(
        app(Schedule::class)->events(),
        fn ($event): bool => str_contains((string) $event->command, 'stone-drill:tidy'),
    );

    expect(array_map(fn ($event): string => $event->expression, array_values($events)))->toBe(['0 * * * *']);
});

it('loads the demo where it is asked for, and nowhere else', function (): void {
    $this->artisan('stone-drill:prepare')->assertSuccessful();

    expect(App\Models\User::count())->toBe(0);
});

it('says whether the database answers, and takes it for no mistake of its own when it does not', function (): void {
    $this->get('/up')->assertOk()->assertContent('up');
    config([
        'database.connections.gone' => [...config('database.connections.pgsql'), 'port' => 1],
        'database.default' => 'gone',
        'session.driver' => 'database',
    ]);

    $this->get('/up')
        ->assertStatus(503)
        ->assertContent('The database does not answer.')
        ->assertHeader('Retry-After', '5');
    $this->get('/sign-in')
        ->assertStatus(503)
        ->assertSee('Try again in a few seconds')
        ->assertHeader('Retry-After', '5');
    $this->getJson('/mat/kit')
        ->assertStatus(503)
        ->assertJsonPath(
            'message',
            'The database does not answer. It is being started again. Try again in a few seconds.',
        );
    config(['database.default' => 'pgsql']);
});

it('writes a log for each day, for its own eyes', function (): void {
    $this->travelBack();
    $folder = sys_get_temp_dir().'/stone-drill-log-'.getmypid();
    config(['logging.channels.daily.path' => $folder.'/laravel.log']);
    Illuminate\Support\Facades\Log::channel('daily')->warning('something');
    $file = $folder.'/laravel-'.CarbonImmutable::now()->toDateString().'.log';

    expect(config('logging.default'))->toBe('daily')
        ->and(config('logging.channels.daily.days'))->toBe(14)
        ->and(fileperms($file) & 0777)->toBe(0600)
        ->and((string) file_get_contents($file))->toContain('something');
    unlink($file);
    rmdir($folder);
});

it('forgets what was worked out with another code, once', function (): void {
    $key = config('cache.prefix').App\Persistence\RevisionCache::named('holes:1');
    $rows = [
        ['key' => $key, 'value' => 'x', 'expiration' => 2_000_000_000],
        ['key' => config('cache.prefix').'sign-in', 'value' => 'x', 'expiration' => 2_000_000_000],
    ];
    DB::table('cache')->insert($rows);
    app(Housekeeping::class)->forgetOtherCode();
    expect(DB::table('cache')->where('value', 'x')->pluck('key')->all())->toBe([$rows[1]['key']]);

    // The same code again: what is kept stays.
    DB::table('cache')->insert([$rows[0]]);
    app(Housekeeping::class)->forgetOtherCode();
    expect(DB::table('cache')->where('key', $key)->exists())->toBeTrue();

    // Another word is another code: pages that say the old one go.
    $words = sys_get_temp_dir().'/words-'.bin2hex(random_bytes(4));
    mkdir($words);
    file_put_contents("{$words}/en.php", '<?php return [];');
    $this->app->useLangPath($words);
    app(Housekeeping::class)->forgetOtherCode();
    unlink("{$words}/en.php");
    rmdir($words);
    expect(DB::table('cache')->where('key', $key)->exists())->toBeFalse();
});
