<?php

declare(strict_types=1);

use App\Jobs\FindHoles;
use App\Jobs\MakeSheet;
use App\Jobs\Workers;
use App\Models\Role;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\DB;

// Schools that share a machine: what one of them asks for leaves room for the others.

beforeEach(function (): void {
    config([
        'installation.at-once' => 2,
        'cache.stores.file.path' => ($this->folder = sys_get_temp_dir().'/stone-drill-share-'.getmypid()),
        'cache.stores.file.lock_path' => $this->folder,
    ]);
    Cache::forgetDriver('file');
    $this->hall = $this->school();
    $this->other = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->guest = $this->person($this->other, Role::Head);
    // Somebody else of the school is being served, in so many places.
    $this->busy = fn (int $places): array => array_map(function (int $place): object {
        $lock = Cache::store('file')->lock("school-{$this->hall->id}-at-work-{$place}", 60);
        expect($lock->get())->toBeTrue();

        return $lock;
    }, range(1, $places));
});

afterEach(function (): void {
    Cache::store('file')->flush();
    Illuminate\Support\Facades\File::deleteDirectory($this->folder);
    Cache::forgetDriver('file');
});

it('sends away what a school asks for beyond its share, and serves the others', function (): void {
    $locks = ($this->busy)(2);
    $this->actingAs($this->head)
        ->get('/people')
        ->assertStatus(429)
        ->assertHeader('Retry-After', '2')
        ->assertHeader('Refresh', '2')
        ->assertSee('more at once than its share')
        ->assertSee('finds it in the log');
    $this->actingAs($this->guest)->get('/people')->assertOk();

    $locks[0]->release();
    $this->actingAs($this->head)->get('/people')->assertOk();
    // Its place is free again, whatever came of it.
    $this->get('/nowhere')->assertNotFound();
    $this->get('/people/create')->assertOk();
});

it('frees the place of a request that broke, was refused, or led elsewhere', function (
    string $path,
    int $status,
): void {
    config(['installation.at-once' => 1]);
    Illuminate\Support\Facades\Route::get(
        'try-to-fail',
        fn () => throw new RuntimeException('a wheel came off'),
    )->middleware(['web', 'auth']);
    $this->actingAs($this->person($this->hall, Role::Student));
    foreach ([1, 2, 3] as $time) {
        $this->get($path)->assertStatus($status);
    }
})->with([['/try-to-fail', 500], ['/people', 403], ['/people/999999', 404], ['/no/such/page', 404], ['/mat', 403]]);

it('serves everybody where no file can be written', function (): void {
    config(['cache.stores.file.path' => __FILE__, 'cache.stores.file.lock_path' => __FILE__]);
    Cache::forgetDriver('file');
    $this->actingAs($this->head)->get('/people')->assertOk();
    $this->get('/no/such/page')->assertNotFound();
    config(['cache.stores.file.path' => $this->folder, 'cache.stores.file.lock_path' => $this->folder]);
    Cache::forgetDriver('file');
});

it('keeps a place no longer than a request may take', function (): void {
    ($this->busy)(2);
    $this->actingAs($this->head)->get('/people')->assertStatus(429);
    // Both were killed: nobody gave their places back.
    $this->travel(61)->seconds();
    $this->get('/people')->assertOk();
});

it('leaves a form where it is, and tells a program in its own language', function (): void {
    ($this->busy)(2);
    $this->actingAs($this->head)
        ->post('/people', ['name' => 'Ada Quill'])
        ->assertStatus(429)
        ->assertHeaderMissing('Refresh')
        ->assertSee('Nothing was changed')
        ->assertDontSee('asked for again');
    $this->postJson('/mat/reps', ['reps' => []])
        ->assertStatus(429)
        ->assertHeader('Retry-After', '2')
        ->assertJsonPath(
            'message',
            'Your school asks for more at once than its share of this server. Nothing was changed. Go back and send it again in a moment.',
        );
    $token = $this->head->createToken('club', ['read'])->plainTextToken;
    $this->app['auth']->forgetGuards();
    $this->withToken($token)->getJson('/api/v1/students')->assertStatus(429);
    expect($this->hall->students()->where('name', 'Ada Quill')->exists())->toBeFalse();
});

it('holds nobody back who is not signed in, nor anybody where nothing is set', function (): void {
    ($this->busy)(2);
    $this->get('/sign-in')->assertOk();
    config(['installation.at-once' => 0]);
    $this->actingAs($this->head)->get('/people')->assertOk();
});

it('lets a school with many jobs come after the others with what is more', function (): void {
    config(['queue.default' => 'database']);
    $give = function (int $school, int $times): void {
        Context::add('school', $school);
        foreach (range(1, $times) as $time) {
            Workers::give(new MakeSheet(0, [], "sheet-{$school}-{$time}"));
        }
    };
    $give($this->hall->id, 5);
    $give($this->other->id, 2);
    $queues = DB::table('jobs')
        ->orderBy('id')
        ->get()
        ->map(static fn (stdClass $row): array => [(int) json_decode($row->payload)->school, $row->queue])
        ->all();

    expect($queues)
        ->toBe([
            [$this->hall->id, 'default'], [$this->hall->id, 'default'], [$this->hall->id, 'default'],
            [$this->hall->id, 'later'], [$this->hall->id, 'later'], [$this->other->id, 'default'],
            [$this->other->id, 'default'],
        ])
        // Who waits in the second line waits for the first, not for somebody to work.
        ->and(DB::table('jobs')->where('queue', 'default')->delete())->toBe(5)
        ->and(DB::table('jobs')->update(['available_at' => now()->timestamp - 60]))->toBe(2)
        ->and(Workers::areAway())->toBeFalse();
});

it('does the work of another school before what is more of a busy one', function (): void {
    config(['queue.default' => 'database']);
    $give = function (int $school, array $answers): void {
        Context::add('school', $school);
        foreach ($answers as $answer) {
            Workers::give(new MakeSheet($answer, [], "sheets/{$school}/{$answer}"));
        }
    };
    // Answers that are not there: such a job is over at once, and fails.
    $give($this->hall->id, [901, 902, 903, 904, 905]);
    $give($this->other->id, [951]);
    $done = [];
    Illuminate\Support\Facades\Queue::before(function (Illuminate\Queue\Events\JobProcessing $event) use (
        &$done,
    ): void {
        $done[] = [$event->job->getQueue(), $event->job->payload()['school']];
    });
    for ($left = 6; $left > 0; $left--) {
        $this->artisan('queue:work', ['--once' => true, '--queue' => 'default,later', '--tries' => 1]);
    }

    expect(array_column($done, 1))
        ->toBe([$this->hall->id, $this->hall->id, $this->hall->id, $this->other->id, $this->hall->id, $this->hall->id])
        ->and(array_column($done, 0))->toBe(['default', 'default', 'default', 'default', 'later', 'later'])
        ->and(DB::table('jobs')->count())->toBe(0);
    // What has failed in the second line is shown like the rest, and tried again.
    $this->actingAs($this->head)->get('/school/jobs')->assertOk()->assertSee('Nothing waits')->assertSee('Try again');
    $later = DB::table('failed_jobs')->where('queue', 'later')->pluck('uuid')->all();
    expect($later)->toHaveCount(2);
    $this->post("/school/jobs/{$later[0]}/retry")->assertRedirect();
    expect(DB::table('jobs')->pluck('queue')->all())->toBe(['later']);
});

it('puts what nobody’s school asks for into the first line, however much there is', function (): void {
    config(['queue.default' => 'database']);
    Context::forget('school');
    foreach (range(1, 6) as $number) {
        Workers::queue(new MakeSheet($number, [], "sheets/{$number}"));
    }

    expect(DB::table('jobs')->pluck('queue')->unique()->all())->toBe(['default'])
        ->and(DB::table('jobs')->where('payload', 'like', '%"school"%')->count())->toBe(0)
        ->and(App\Jobs\SchoolJobs::waiting($this->hall->id))->toBe(0);
});

it('has a job that somebody gives again and again wait once', function (): void {
    config(['queue.default' => 'database']);
    Context::add('school', $this->hall->id);
    foreach (range(1, 5) as $time) {
        Workers::queue(new FindHoles($this->hall->id));
    }
    Workers::queue(new FindHoles($this->other->id));

    expect(DB::table('jobs')->pluck('queue')->all())->toBe(['default', 'default']);
});

it('has workers look at the second line too', function (string $file): void {
    expect(file_get_contents(base_path($file)))->toContain(
        'queue:work --queue='.Workers::FIRST.','.Workers::LATER.' ',
    );
})->with(['bin/ground.sh', 'deploy/systemd/stone-drill-queue.service']);
