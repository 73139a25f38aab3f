<?php

declare(strict_types=1);

use App\Jobs\RefreshWindows;
use App\Jobs\WarmSchool;
use App\Models\Role;
use App\Persistence\ProofBook;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use App\View\Drill\Kit;
use App\View\Drill\KitShelf;
use Carbon\CarbonImmutable;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Database\Events\QueryExecuted;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use StoneDrill\Core\Attack\Side;
use Tests\Feature\BoardFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $ada = collect($this->hall->students()->firstOrFail()->getAttributes())
        ->except('id')
        ->all();
    $this->many = fn (int $count) => DB::table('students')->insert(
        array_map(
            fn (int $number): array => [...$ada, 'code' => "one-{$number}", 'name' => "One {$number}"],
            range(1, $count),
        ),
    );
    $this->tries = fn (string $student, CarbonImmutable $at, int $first) => array_map(
        fn (int $number) => BoardFixture::boardRep($this->hall, $number, $student, $at),
        range($first, $first + 2),
    );
    $this->class = fn (int $minutes, ?CarbonImmutable $cancelled = null) => $this->hall
        ->classes()
        ->create([
            'code' => "class-{$minutes}",
            'at' => now()->addMinutes($minutes),
            'minutes' => 60,
            'place' => '',
            'places' => 90,
            'instructors' => 1,
            'ranks' => [],
            'blocks' => [],
            'cancelled_at' => $cancelled,
        ]);
});

it('is for large schools that are in class or soon will be', function (
    int $people,
    array $minutes,
    bool $isMeant,
): void {
    ($this->many)($people);
    array_map($this->class, $minutes);
    ($this->class)(61, CarbonImmutable::now());

    expect(WarmSchool::schools(CarbonImmutable::now()))->toBe($isMeant ? [$this->hall->id] : []);
})->with([
    'soon, twice' => [60, [30, 119], true],
    'in class' => [60, [-119], true],
    'over' => [60, [-121], false],
    'tomorrow' => [60, [121], false],
    'a small one' => [59, [30], false],
]);

it('is asked for every hour, a job a school', function (): void {
    ($this->many)(60);
    ($this->class)(30);
    Queue::fake();
    $this->artisan('stone-drill:warm')->assertSuccessful();
    Queue::assertPushed(WarmSchool::class, 1);
    Queue::assertPushed(WarmSchool::class, fn (WarmSchool $job): bool => $job->schoolId === $this->hall->id);

    $events = array_filter(
        app(Schedule::class)->events(),
        fn ($event): bool => str_contains((string) $event->command, 'stone-drill:warm'),
    );
    expect(array_map(fn ($event): string => $event->expression, array_values($events)))->toBe(['1 * * * *']);
});

it('is done at once before an upgrade switches, and afterwards for whoever is not in class', function (
    string $options,
    int $minutes,
    bool $isDone,
    int $jobs,
): void {
    config(['queue.default' => 'database']);
    ($this->many)(60);
    ($this->class)($minutes);
    // Another that is small.
    $this->school('Other Hall');
    $this->artisan("stone-drill:warm {$options}")->assertSuccessful();
    expect(app(RevisionCache::class)->known("proof:{$this->hall->id}", Revision::of($this->hall)) !== null)
        ->toBe($isDone)
        ->and(DB::table('jobs')->count())->toBe($jobs);
})->with([['--now', 30, true, 0], ['', 30, false, 1], ['', 300, false, 0], ['--all', 300, false, 1]]);

it('leaves nothing about people to be worked out by whoever asks first', function (): void {
    ($this->many)(60);
    $at = CarbonImmutable::now();
    // What each is drilled on at most: 5,000 things are shared out among 61.
    $unknown = fn (): int => Kit::of($this->hall)->count()
        - count((new KitShelf($this->hall->fresh(), $at, 81, []))->of(Kit::of($this->hall)));
    expect($unknown())->toBe(61);

    app()->call([new WarmSchool($this->hall->id), 'handle']);
    $this->nextRequest();
    expect($unknown())->toBe(0)
        ->and(app(RevisionCache::class)->known("proof:{$this->hall->id}", Revision::of($this->hall)))->not->toBeNull();
    // The head's own request says it as if nothing had been worked out before.
    $this->actingAs($this->head);
    $warm = $this->get('/mat/kit')->assertOk()->json();
    $this->nextRequest();
    cache()->clear();
    expect($warm)->toEqual($this->get('/mat/kit')->json());
});

it('is asked for when many reps came at once, of a large school alone', function (int $people, array $schools): void {
    ($this->many)($people - $this->hall->students()->count());
    Queue::fake();
    app()->call([new RefreshWindows($this->hall->id), 'handle']);

    expect(
        Queue::pushed(WarmSchool::class)
            ->map(fn (WarmSchool $job): bool => $job->schoolId === $this->hall->id)
            ->all(),
    )->toBe($schools);
})->with([[60, []], [61, [true]]]);

it('lets nobody at the wall of a large school wait for what has faded since an hour ago', function (
    int $people,
    bool $isTold,
): void {
    ($this->many)($people);
    $then = CarbonImmutable::now()->startOfHour();
    ($this->tries)('one-1', $then, 1);
    $held = function (string $by): int {
        $held = app(ProofBook::class)->{$by}($this->hall->fresh())->held('first', 'wrist', Side::Written);
        $this->nextRequest();

        return $held;
    };
    // With α = .5 + 3 · 2^(−d/60) and β = .5 a tenth lies below .6006 on the 20th day, and below .5974 on the 21st.
    $this->travelTo($then->addDays(21)->subMinutes(30));
    expect($held('seen'))->toBe(1);

    Queue::fake();
    $this->travelTo($then->addDays(21)->addMinutes(40));
    expect($held('seen'))->toBe($isTold ? 0 : 1);
    $isTold ? Queue::assertNothingPushed() : Queue::assertPushed(WarmSchool::class, 1);
    // The wall says as of when: 17:30 or 18:40, some three weeks after 18:00.
    $this->actingAs($this->head)
        ->get('/wall')
        ->assertOk()
        ->assertSee(
            'holds it at the goal rung, at '.school_time($then->addDays(21)->addMinutes($isTold ? 40 : -30), 'H:i'),
        );
    // What somebody has tried since is in it all the same.
    ($this->tries)('one-2', CarbonImmutable::now(), 4);
    expect($held('seen'))->toBe($isTold ? 1 : 2);

    $this->nextRequest();
    $this->get('/wall')->assertOk();
    app()->call([new WarmSchool($this->hall->id), 'handle']);
    expect($held('seen'))->toBe(1)->and($held('of'))->toBe(1);
    // A wall that waited for the job is not sent again.
    $this->nextRequest();
    $this->get('/wall')->assertSee('holds it at the goal rung, at '.school_time(CarbonImmutable::now(), 'H:i'));

    // After a day nobody is told what was.
    $this->travel(21)->days();
    $this->nextRequest();
    expect(app(ProofBook::class)->seen($this->hall->fresh())?->held('first', 'wrist', Side::Written))->toBe(
        $isTold ? 0 : null,
    );
    Queue::assertPushed(WarmSchool::class, $isTold ? 0 : 2);
})->with(['of 201' => [200, false], 'of 200' => [199, true]]);

it('reads once for a page who was tried since an hour ago, however often that page asks', function (): void {
    ($this->many)(200);
    ($this->tries)('one-1', CarbonImmutable::now(), 1);
    app()->call([new WarmSchool($this->hall->id), 'handle']);
    $this->travel(70)->minutes();
    ($this->tries)('one-2', CarbonImmutable::now(), 4);
    Queue::fake();
    $this->nextRequest();
    $reads = 0;
    DB::listen(function (QueryExecuted $query) use (&$reads): void {
        $reads += preg_match('/^select .*"tries", "ever"/', $query->sql);
    });

    $this->actingAs($this->head)->get('/wall')->assertOk();
    expect($reads)->toBe(1);
});

it('shows the wall of a large school of which nothing is known at once, and its moss when a job has read it', function (
    int $people,
    bool $waits,
): void {
    ($this->many)($people);
    ($this->tries)('one-1', CarbonImmutable::now()->startOfHour(), 1);
    Queue::fake();
    $wall = function (): TestResponse {
        $this->nextRequest();

        return $this->actingAs($this->head)->get('/wall?from=first')->assertOk();
    };
    $told = 'holds it at the goal rung, at '.school_time(CarbonImmutable::now(), 'H:i');
    [$follows, $asks, $held] = ['moss follows in a moment', 'hx-get="/wall?from=first"', 'students hold it'];
    $page = $wall();
    $waits
        ? $page->assertSee($told)->assertDontSee($follows)->assertDontSee($asks, false)
        : $page->assertSee($follows)->assertSee($asks, false)->assertDontSee($held);
    Queue::assertPushed(WarmSchool::class, $waits ? 0 : 1);
    // A file has it all; it is asked for once more as a page.
    expect($this->get('/wall.svg')->assertOk()->getContent())->toContain($held);

    $wall()->assertSee($told)->assertSee($held)->assertDontSee($follows);
})->with(['of 201' => [200, false], 'of 200' => [199, true]]);

it('waits for nobody either where many of a large school were tried since, as after an import', function (
    int $tried,
    bool $waits,
): void {
    ($this->many)(201);
    $this->actingAs($this->head)->get('/wall')->assertOk();
    app()->call([new WarmSchool($this->hall->id), 'handle']);
    $students = $this->hall->students()->where('code', 'like', 'one-%')->limit($tried)->pluck('id');
    DB::table('reps')->insert(
        $students
            ->map(
                fn (int $id): array => [
                    'id' => (string) Str::uuid(),
                    'school_id' => $this->hall->id,
                    'student_id' => $id,
                    'attack_id' => $this->hall->attacks()->value('id'),
                    'side' => 'written',
                    'rung' => 2,
                    'outcome' => 'clean',
                    'at' => now(),
                ],
            )
            ->all(),
    );
    Queue::fake();
    $this->nextRequest();
    $page = $this->get('/wall')->assertOk();
    $waits ? $page->assertSee('students hold it') : $page->assertSee('moss follows in a moment');
    Queue::assertPushed(WarmSchool::class, $waits ? 0 : 1);

    $this->nextRequest();
    app()->call([new WarmSchool($this->hall->id), 'handle']);
    $this->nextRequest();
    $this->get('/wall')->assertSee('students hold it')->assertDontSee('moss follows');
})->with(['201' => [201, false], '200' => [200, true]]);

it('leaves to a job what takes long to find for the kit of many people', function (
    int $people,
    int $attacks,
    bool $waits,
): void {
    ($this->many)($people);
    $answer = $this->hall->answers()->firstOrFail();
    foreach (range(1, $attacks) as $number) {
        $more = $answer->attack->replicate()->fill(['code' => "more-{$number}", 'title' => "More {$number}"]);
        $more->save();
        $answer
            ->replicate()
            ->fill(['code' => "more-{$number}", 'attack_id' => $more->id])
            ->save();
    }
    Queue::fake();
    $kit = function (): array {
        $this->nextRequest();

        return $this->actingAs($this->head)->get('/mat/kit')->assertOk()->json();
    };
    $early = $kit();
    expect($early['behind'])->toBe(! $waits)
        ->and(array_unique(array_map(static fn (array $cell): bool => $cell['reach'] !== '', $early['cells'])))
        ->toBe([$waits]);
    Queue::assertPushed(WarmSchool::class, $waits ? 0 : 1);

    $this->nextRequest();
    app()->call([new WarmSchool($this->hall->id), 'handle']);
    $late = $kit();
    expect($late['behind'])->toBeFalse()->and($late['cells'][0]['reach'])->toContain('kick to groin');
    $without = static fn (array $kit): array => [
        ...$kit,
        'behind' => false,
        'at' => '',
        'cells' => array_map(static fn (array $cell): array => [...$cell, 'reach' => ''], $kit['cells']),
    ];
    expect($without($late))->toEqual($without($early));
})->with([
    '61 people, 21 cells' => [60, 20, false],
    '60 people' => [59, 20, true],
    '61 people, 20 cells' => [60, 19, true],
]);

it('lets nobody at the Mat wait for what has faded of many people since an hour ago', function (
    int $people,
    bool $isTold,
): void {
    ($this->many)($people);
    $then = CarbonImmutable::now()->startOfHour();
    ($this->tries)('one-1', $then, 1);
    $holds = function (string $name): bool {
        $this->nextRequest();
        $kit = $this->actingAs($this->head)->get('/mat/kit')->assertOk()->json();
        $tickets = collect($kit['students'])->firstWhere('name', $name)['tickets'];

        return collect($tickets)->contains(static fn (array $ticket): bool => $ticket['holds']);
    };
    // As at the wall, what was tried three times on one day is held for 20 days and not on the 21st.
    $this->travelTo($then->addDays(21)->subMinutes(30));
    expect($holds('One 1'))->toBeTrue()->and($holds('One 2'))->toBeFalse();

    Queue::fake();
    $this->travelTo($then->addDays(21)->addMinutes(40));
    expect($holds('One 1'))->toBe(! $isTold);
    Queue::assertPushed(WarmSchool::class, $isTold ? 0 : 1);
    // What somebody has tried since is in it all the same.
    ($this->tries)('one-2', CarbonImmutable::now(), 4);
    expect($holds('One 2'))->toBeTrue()
        ->and($holds('One 1'))->toBe(! $isTold);

    $this->nextRequest();
    app()->call([new WarmSchool($this->hall->id), 'handle']);
    expect($holds('One 1'))->toBeFalse()->and($holds('One 2'))->toBeTrue();

    // After a day nobody is told what was.
    $this->travel(21)->days();
    expect($holds('One 2'))->toBeFalse();
})->with(['of 60' => [59, true], 'of 62' => [61, false]]);
