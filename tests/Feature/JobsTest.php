<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Jobs\FindHoles;
use App\Jobs\ImportFile;
use App\Jobs\ImportReps;
use App\Jobs\MakeSheet;
use App\Jobs\RefreshWindows;
use App\Models\Rep;
use App\Models\Role;
use App\Models\School;
use App\Persistence\CatalogueUpload;
use App\Persistence\HoleBook;
use App\Persistence\Progress;
use App\Persistence\RunBook;
use Illuminate\Cache\Events\KeyWritten;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Storage;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
});

it('asks a job for the holes, and asks again until they are there', function (): void {
    Queue::fake();
    $this->get('/wall/holes')->assertOk()
        ->assertSee('Running every answer')
        ->assertSee('hx-trigger="load delay:1s"', false)
        ->assertSee('2 holes');
    Queue::assertPushed(FindHoles::class, fn (FindHoles $job): bool => $job->schoolId === $this->hall->id);

    app()->call([new FindHoles($this->hall->id), 'handle']);
    $this->actingAs($this->head->fresh())
        ->get('/wall/holes')
        ->assertOk()
        ->assertSee('weak spots')
        ->assertDontSee('Running every answer');
});

it('says how far the job for the holes has come', function (): void {
    Queue::fake();
    $kept = app(App\Persistence\RevisionCache::class);
    $this->get('/wall/holes')->assertSee('value="0"', false);
    $kept->keep("holes-share:{$this->hall->id}", '', 60, 41);
    $this->actingAs($this->head->fresh())->get('/wall/holes')->assertSee('value="41"', false)->assertSee('41 %');

    $told = [];
    Event::listen(function (KeyWritten $written) use (&$told): void {
        $told = [...$told, ...str_contains($written->key, 'holes-share') ? [$written->value[1]] : []];
    });
    app()->call([new FindHoles($this->hall->id), 'handle']);
    // The two sides of the wrist, and the hug that has but one, are three cells; over, it begins at nothing again.
    expect($told)->toBe([33, 66, 100, 0]);
    $this->actingAs($this->head->fresh())->get('/wall/holes')->assertDontSee('<progress', false);
});

it('puts no second job beside one that waits', function (): void {
    config(['queue.default' => 'database']);
    $this->get('/wall/holes')->assertOk()->assertSee('Running every answer');
    $this->actingAs($this->head->fresh())->get('/wall/holes')->assertOk()->assertSee('Running every answer');

    expect(DB::table('jobs')->count())->toBe(1);
});

it('says that a job has failed, and has it tried again by whoever asks again', function (): void {
    Queue::fake();
    (new FindHoles($this->hall->id))->failed(new RuntimeException('out of memory'));
    $this->get('/wall/holes')->assertOk()
        ->assertSee('Working out the weak spots has failed.')
        ->assertDontSee('hx-get', false)
        ->assertDontSee('out of memory');
    Queue::assertNothingPushed();

    $this->actingAs($this->head->fresh())->get('/wall/holes')->assertSee('Running every answer');
    Queue::assertPushed(FindHoles::class);
});

it('works itself where nobody works through the queue', function (): void {
    config(['queue.default' => 'database']);
    $this->get('/wall/holes')->assertSee('Running every answer');
    DB::table('jobs')->update(['available_at' => now()->timestamp - 60]);

    $this->actingAs($this->head->fresh())->get('/wall/holes')->assertOk()->assertSee('weak spots');
});

it('does what waits in the queue', function (): void {
    config(['queue.default' => 'database']);
    $this->get('/wall/holes')->assertSee('Running every answer');
    $this->artisan('queue:work', ['--once' => true])->assertSuccessful();

    expect(DB::table('jobs')->count())->toBe(0)
        ->and(DB::table('failed_jobs')->count())->toBe(0)
        ->and(app(HoleBook::class)->known($this->hall->fresh()))->not->toBeNull();
});

it('works out what is kept of reps once many have come', function (): void {
    DB::table('proof_windows')->update(['is_stale' => true]);
    app()->call([new RefreshWindows($this->hall->id), 'handle']);

    expect(DB::table('proof_windows')->where('school_id', $this->hall->id)->where('is_stale', true)->count())->toBe(0);
});

it('makes a PDF beside the page, and says when that has failed', function (): void {
    Storage::fake();
    Queue::fake();
    $answer = $this->hall->answers()->firstOrFail();
    $this->get("/answers/{$answer->id}/sheet.pdf?paper=letter")
        ->assertStatus(202)
        ->assertSee('Making the PDF')
        ->assertHeader('Refresh', '1');
    $job = null;
    Queue::assertPushed(MakeSheet::class, function (MakeSheet $pushed) use (&$job): bool {
        return ($job = $pushed) instanceof MakeSheet;
    });
    $job->failed(new RuntimeException('out of memory'));
    $this->actingAs($this->head->fresh())
        ->get("/answers/{$answer->id}/sheet.pdf?paper=letter")
        ->assertStatus(503)
        ->assertSee('The PDF could not be made')
        ->assertDontSee('out of memory');

    app()->call([$job, 'handle']);
    $this->actingAs($this->head->fresh())
        ->get("/answers/{$answer->id}/sheet.pdf?paper=letter")
        ->assertOk()
        ->assertHeader('Content-Type', 'application/pdf');
    // Another state of the answer is another sheet.
    $answer->update(['title' => 'Gate, again']);
    $this->actingAs($this->head->fresh())
        ->get("/answers/{$answer->id}/sheet.pdf?paper=letter")
        ->assertStatus(202);
});

it('imports a file beside the page, once, and says when that has failed', function (): void {
    Storage::fake();
    Queue::fake();
    $file = dirname(__DIR__).'/fixtures/small.yaml';
    $page = (string) $this->post('/school/import', ['file' => new UploadedFile($file, 'small.yaml', test: true)])
        ->assertOk()
        ->getContent();
    preg_match('#/school/import/\w{40}#', $page, $address);
    $this->post($address[0])->assertRedirect($address[0]);
    $this->get($address[0])->assertStatus(202)->assertSee('Importing the file')->assertHeader('Refresh', '1');
    $job = null;
    Queue::assertPushed(ImportFile::class, function (ImportFile $pushed) use (&$job): bool {
        return ($job = $pushed) instanceof ImportFile;
    });
    Storage::put("{$job->path}.share", '40');
    $this->get($address[0])->assertStatus(202)->assertSee('<progress class="w-100" max="100" value="40"', false);
    $job->failed(new RuntimeException('disk full'));
    expect(Storage::exists("{$job->path}.share"))->toBeFalse();
    $this->get($address[0])->assertRedirect('/school')->assertSessionHas('error');

    $runs = fn (): int => count(
        array_filter(
            array_keys(app(RunBook::class)->of($this->hall->fresh())->all()),
            static fn (string $key): bool => str_starts_with($key, 'works '),
        ),
    );
    expect($runs())->toBe(0);
    app()->call([$job, 'handle']);
    // Whoever looks at the wall next does not wait for its answers to be run.
    expect($runs())->toBeGreaterThan(0);
    app()->call([$job, 'handle']);
    $this->get($address[0])->assertRedirect('/wall')->assertSessionHas('status', 'The catalogue file is imported.');
    $this->get($address[0])->assertRedirect('/school')->assertSessionHas('error');
});

it('tells how much of a file is in, each percent once, and the whole at its end', function (): void {
    Storage::fake();
    $upload = CatalogueUpload::read(dirname(__DIR__).'/fixtures/small.yaml', 'yaml');
    $told = [];
    app(ImportCatalogue::class)->import($upload->file, $this->hall, $this->head, null, function (int $percent) use (
        &$told,
    ): void {
        $told[] = $percent;
    });
    $rows = count($upload->file->catalogue->attacks)
    + count($upload->file->catalogue->answers)
    + count($upload->file->students)
    + count($upload->file->reps);

    expect(count($told))->toBeGreaterThan(2)
        ->toBeLessThan($rows + 20)
        ->and($told)->toBe(array_values(array_unique($told)))
        ->and(end($told))->toBe(100);
    $progress = new Progress(400, function (int $percent) use (&$few): void {
        $few[] = $percent;
    });
    foreach ([3, 1, 2, 390, 10] as $more) {
        $progress->add($more);
    }
    // 3 of 400 are none yet, 4 are one, 6 still are, 396 are 99; ten more than there were to be are all.
    expect($few)->toBe([1, 99, 100]);
});

it('tells only so often of what takes a while, where somebody asks for that', function (): void {
    $progress = new Progress(
        100,
        function (int $percent) use (&$told): void {
            $told[] = $percent;
        },
        5,
    );
    foreach ([4, 1, 1, 3, 1, 80, 10] as $more) {
        $progress->add($more);
    }
    // 4 are not yet five, 5 are; 6 and 9 are less than five more, 10 are five more.
    expect($told)->toBe([5, 10, 90, 100]);
});

it('tells how many of the reps of a file are in', function (): void {
    Storage::fake();
    $lines = array_map(
        static fn (int $number): string => sprintf(
            '0b7e1f60-5555-4000-8000-%012d,ada-plover,wrist,written,3,clean,2026-11-%02dT19:00:00+00:00,,,,,,seen,,',
            $number,
            1 + ($number % 20),
        ),
        range(1, 1200),
    );
    $sheet = App\View\Drill\RepCsv::read(
        "id,student,attack,side,rung,outcome,at,answer,mistakes,touched,seconds,stressor,source,replaces,reason\n"
            .implode("\n", $lines)
            ."\n",
        $this->hall,
    );
    $told = [];
    $before = Rep::count();

    expect($sheet->refused)->toBe([])
        ->and(
            $sheet->store($this->hall, $this->head, function (int $percent) use (&$told): void {
                $told[] = $percent;
            }),
        )
        ->toBe(1200)
        ->and(Rep::count() - $before)->toBe(1200)
        ->and(count($told))->toBeGreaterThan(1)
        ->and(end($told))->toBe(100)
        ->and($told)->toBe(array_values(array_unique($told)));
});

it('adds the reps of a file beside the page, once, and says when that has failed', function (): void {
    Storage::fake();
    Queue::fake();
    $csv
        = "id,student,attack,side,rung,outcome,at,answer,mistakes,touched,seconds,stressor,source,replaces,reason\n0b7e1f60-6666-4000-8000-000000000001,ada-plover,wrist,written,3,clean,2026-11-20T19:00:00+00:00,,,,,,seen,,\n";
    $page = (string) $this->post('/people/reps/check', [
        'file' => UploadedFile::fake()->createWithContent('reps.csv', $csv),
    ])
        ->assertOk()
        ->getContent();
    preg_match('#/people/reps/import/\w{40}#', $page, $address);
    $this->post($address[0])->assertRedirect($address[0]);
    $this->get($address[0])->assertStatus(202)->assertSee('Adding the reps')->assertHeader('Refresh', '1');
    $job = null;
    Queue::assertPushed(ImportReps::class, function (ImportReps $pushed) use (&$job): bool {
        return ($job = $pushed) instanceof ImportReps;
    });
    $before = Rep::count();
    $job->failed(new RuntimeException('disk full'));
    $this->get($address[0])->assertRedirect('/people/reps')->assertSessionHas('error', __('messages.reps-failed'));

    app()->call([$job, 'handle']);
    app()->call([$job, 'handle']);
    $this->get($address[0])->assertRedirect('/people/reps')
        ->assertSessionHas('status', '1 rep added; 0 were here already.');
    $this->get($address[0])->assertRedirect('/people/reps')->assertSessionHas('error', __('messages.file-gone'));
    expect(Rep::count())->toBe($before + 1);
});

it('says that an import has failed where the page did it itself', function (): void {
    Storage::fake();
    $page = (string) $this->post('/school/import', [
        'file' => new UploadedFile(dirname(__DIR__).'/fixtures/small.yaml', 'small.yaml', test: true),
    ])->getContent();
    preg_match('#/school/import/\w{40}#', $page, $address);
    config(['queue.default' => 'database']);
    $this->get('/wall/holes');
    DB::table('jobs')->update(['available_at' => now()->timestamp - 60]);
    $isFull = true;
    School::saving(function () use (&$isFull): void {
        throw_if($isFull, RuntimeException::class, 'disk full');
    });
    $this->post($address[0])->assertRedirect($address[0]);
    $this->get($address[0])->assertRedirect('/school')->assertSessionHas('error', __('messages.import-failed'));

    // The file is still there: once the trouble is over, it is imported, and a second press does no harm.
    $isFull = false;
    $this->post($address[0])->assertRedirect($address[0]);
    $this->post($address[0])->assertRedirect('/wall')->assertSessionHas('status', 'The catalogue file is imported.');
});

it('gives a job to another worker only after its time is over', function (): void {
    $longest = max(
        array_map(static fn (string $job): int => (new ReflectionClass($job))->getDefaultProperties()['timeout'], [
            FindHoles::class,
            ImportFile::class,
            ImportReps::class,
            MakeSheet::class,
        ]),
    );

    expect(config('queue.connections.database.retry_after'))->toBeGreaterThan($longest);
});

it('shows the head what waits, what is worked on and what has failed, of the own school alone', function (): void {
    config(['queue.default' => 'database']);
    $this->get('/school/jobs')->assertOk()->assertSee('Nothing waits')->assertDontSee('hx-get', false);
    $this->get('/wall/holes');
    // Another school's, and one that nobody of a school asked for.
    $other = $this->school('Other Hall');
    $elsewhere = $this->person($other, Role::Head);
    $this->actingAs($elsewhere)->get('/wall/holes');
    Illuminate\Support\Facades\Context::flush();
    dispatch(new App\Jobs\SendPasswordReset('ada@alder.example'));
    expect(DB::table('jobs')->count())->toBe(3);

    $this->actingAs($this->head->fresh())
        ->get('/school/jobs')
        ->assertSeeInOrder(['Weak spots of the wall', 'waits'])
        ->assertDontSee('A mail')
        ->assertSee('hx-trigger="load delay:2s"', false);
    DB::table('jobs')->update(['reserved_at' => now()->getTimestamp()]);
    $this->get('/school/jobs')->assertSeeInOrder(['Weak spots of the wall', 'at work']);
    expect(substr_count((string) $this->get('/school/jobs')->getContent(), 'Weak spots of the wall'))->toBe(1);
});

it('has a failed job tried again or given up, by the head of its school', function (): void {
    config(['queue.default' => 'database']);
    DB::table('failed_jobs')->insert(
        array_map(
            fn (int $school, string $uuid): array => [
                'uuid' => $uuid,
                'connection' => 'database',
                'queue' => 'default',
                'payload' => json_encode([
                    'uuid' => $uuid,
                    'displayName' => FindHoles::class,
                    'job' => 'Illuminate\\Queue\\CallQueuedHandler@call',
                    'maxTries' => 1,
                    'school' => $school,
                    'data' => ['commandName' => FindHoles::class, 'command' => serialize(new FindHoles($school))],
                ]),
                'exception' => "RuntimeException: no room\n#0 somewhere",
                'failed_at' => now(),
            ],
            [$this->hall->id, $this->hall->id, $this->hall->id + 1000],
            $ids = [
                '0b7e1f60-0000-4000-8000-000000000001',
                '0b7e1f60-0000-4000-8000-000000000002',
                '0b7e1f60-0000-4000-8000-000000000003',
            ],
        ),
    );
    $this->get('/school/jobs')
        ->assertSee('RuntimeException: no room')
        ->assertDontSee('#0 somewhere')
        ->assertSee("/school/jobs/{$ids[0]}/retry", false)
        ->assertDontSee($ids[2]);

    $this->post("/school/jobs/{$ids[0]}/retry")->assertRedirect('/school/jobs')
        ->assertSessionHas('status', 'It is tried again.');
    expect(DB::table('jobs')->count())->toBe(1)
        ->and(DB::table('failed_jobs')->pluck('uuid')->all())->toEqualCanonicalizing([$ids[1], $ids[2]]);
    $this->delete("/school/jobs/{$ids[1]}")->assertSessionHas('status', 'Given up.');
    $this->delete("/school/jobs/{$ids[1]}")->assertNotFound();
    // Another school's is not there.
    $this->post("/school/jobs/{$ids[2]}/retry")->assertNotFound();
    $this->delete("/school/jobs/{$ids[2]}")->assertNotFound();
    expect(DB::table('failed_jobs')->pluck('uuid')->all())->toBe([$ids[2]]);
    $this->artisan('queue:work', ['--once' => true, '--quiet' => true]);
    expect(DB::table('jobs')->count())->toBe(0);
});
