<?php

declare(strict_types=1);

use App\Jobs\WarmSchool;
use App\Models\Role;
use App\Persistence\ReadRevisions;
use App\Persistence\Revision;
use App\Persistence\RevisionCache;
use App\View\Drill\Kit;
use App\View\Drill\KitShelf;
use Carbon\CarbonImmutable;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $ada = collect($this->hall->students()->firstOrFail()->getAttributes())->except('id')->all();
    $this->many = fn (int $count) => DB::table('students')->insert(array_map(fn (int $number): array => [...$ada, 'code' => "one-{$number}", 'name' => "One {$number}"], range(1, $count)));
    $this->class = fn (int $minutes, ?CarbonImmutable $cancelled = null) => $this->hall->classes()->create(['code' => "class-{$minutes}", 'at' => now()->addMinutes($minutes), 'minutes' => 60, 'place' => '', 'places' => 90, 'instructors' => 1, 'ranks' => [], 'blocks' => [], 'cancelled_at' => $cancelled]);
});

it('is for large schools that are in class or soon will be', function (int $people, array $minutes, bool $isMeant): void {
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

    $events = array_filter(app(Schedule::class)->events(), fn ($event): bool => str_contains((string) $event->command, 'stone-drill:warm'));
    expect(array_map(fn ($event): string => $event->expression, array_values($events)))->toBe(['1 * * * *']);
});

it('leaves nothing about people to be worked out by whoever asks first', function (): void {
    ($this->many)(60);
    $at = CarbonImmutable::now();
    // What each is drilled on at most: 5,000 things are shared out among 61.
    $unknown = fn (): int => Kit::of($this->hall)->count() - count((new KitShelf($this->hall->fresh(), $at, 81))->of(Kit::of($this->hall)));
    expect($unknown())->toBe(61);

    app()->call([new WarmSchool($this->hall->id), 'handle']);
    app(ReadRevisions::class)->values = [];
    expect($unknown())->toBe(0)
        ->and(app(RevisionCache::class)->known("proof:{$this->hall->id}", Revision::of($this->hall)))->not->toBeNull();
    // The head's own request says it as if nothing had been worked out before.
    $this->actingAs($this->head);
    $warm = $this->get('/mat/kit')->assertOk()->json();
    cache()->clear();
    app(ReadRevisions::class)->values = [];
    expect($warm)->toEqual($this->get('/mat/kit')->json());
});
