<?php

declare(strict_types=1);

use App\Jobs\PlanSeason;
use App\Models\Role;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Persistence\SeasonBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use StoneDrill\Core\Attack\Side;
use Tests\Feature\BoardFixture;

beforeEach(function (): void {
    $this->travelTo(CarbonImmutable::parse('2026-11-30 12:00'));
    $this->hall = $this->school();
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
    // Somebody who has never tried it.
    $this->new = $this->hall
        ->students()
        ->create([
            'code' => 'new',
            'name' => 'Wick Fenner',
            'rank_id' => $this->hall->ranks()->where('code', 'first')->value('id'),
        ]);
    $rank = $this->hall->ranks()->where('code', 'second')->firstOrFail();
    $this->hall->attacks()->update(['needed_by_id' => null]);
    $this->hall
        ->attacks()
        ->where('code', 'wrist')
        ->firstOrFail()
        ->update(['needed_by_id' => $rank->id, 'critical' => true]);
    $this->answer = $this->hall->answers()->firstOrFail();
    $this->answer->update([
        'rank_id' => $rank->id,
        'beats'
            => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
    ]);
    $this->class = fn (string $at, array $with = []): TrainingClass => $this->hall
        ->classes()
        ->create(['at' => $at, 'minutes' => 60, 'places' => 8, 'instructors' => 1, ...$with]);
    $this->test = function (array $with = []) use ($rank): Test {
        $this->post('/tests', [
            'rank' => $rank->id,
            'at' => '2026-12-20T10:00',
            'place' => 'Loft',
            'items' => 'list',
            'candidates' => [$this->new->id],
            ...$with,
        ])->assertSessionHasNoErrors();

        return $this->hall->tests()->latest('id')->firstOrFail();
    };
    $this->forTest = fn (TrainingClass $class): bool => str_contains(
        (string) $this->get("/classes/{$class->id}")
            ->assertOk()
            ->getContent(),
        'for the coming test, as taught at',
    );
    $this->teaches = fn (Test $test): array => json_decode(
        (string) DB::table('tests')->where('id', $test->id)->value('teaches'),
        true,
    );
});

it(
    'goes on teaching in a class what the way to a test has planned for it, whatever is recorded then',
    function (): void {
        [$tonight, $later] = [($this->class)('2026-11-30 19:00'), ($this->class)('2026-12-03 19:00')];
        $test = ($this->test)();
        $seasons = app(SeasonBook::class);
        $seasons->of($test);
        expect(($this->forTest)($tonight))->toBeTrue();

        // A rep comes in; the class begins; it is over, and the way is planned anew, with the classes that are left.
        BoardFixture::boardRep($this->hall, 1, 'ada-plover', CarbonImmutable::now());
        expect(($this->forTest)($tonight))->toBeTrue();
        $this->travelTo(CarbonImmutable::parse('2026-11-30 19:30'));
        BoardFixture::boardRep($this->hall, 2, 'ada-plover', CarbonImmutable::now());
        expect(($this->forTest)($tonight))->toBeTrue();
        $this->travelTo(CarbonImmutable::parse('2026-11-30 20:10'));
        expect(array_map(static fn ($class): string => $class->id, $seasons->of($test->fresh())->plan->classes))->toBe([
            $later->code,
        ]);
        expect(($this->forTest)($tonight))->toBeTrue()
            ->and(($this->teaches)($test))->toHaveKeys([$tonight->code, $later->code])
            ->and(($this->teaches)($test)[$tonight->code])->toBe([$this->answer->code]);
    },
);

it('says in a class, and on its sheet, what candidates drill there on the way to their test', function (): void {
    $classes = array_map(
        fn (int $day): TrainingClass => ($this->class)(sprintf('2026-12-%02d 19:00', $day)),
        [1, 3, 5, 7, 9, 11, 13],
    );
    $test = ($this->test)();
    $seasons = app(SeasonBook::class);
    $planned = $seasons->of($test)->plan->drills(6);
    $title = $this->hall->attacks()->where('code', 'wrist')->firstOrFail()->title;
    $said = function (TrainingClass $class, string $page = ''): array {
        $html = (string) $this->get("/classes/{$class->id}{$page}")->assertOk()->getContent();
        preg_match_all('~For the coming test: ([^<]*)~', $html, $found);

        return array_map(fn (string $attacks): array => explode('; ', trim($attacks)), $found[1]);
    };

    // Taught in the first and tried from the third on, on the side to which there is an answer.
    expect(array_keys($planned))->toBe(['wrist written'])
        ->and($said($classes[0]))->toBe([])
        ->and($said($classes[6]))->toBe([[$title]])
        ->and($said($classes[6], '/sheet'))->toBe($said($classes[6]));
    // The mat draws from lists: what is drilled goes onto one.
    $this->get("/classes/{$classes[0]->id}")->assertDontSee('on a list, and the mat can draw from it.');
    $html = (string) $this->get("/classes/{$classes[6]->id}")->assertSee('on a list, and the mat can draw from it.')->getContent();
    preg_match_all('~form="pick" name="cells\[\]" value="([^"]*)"~', $html, $cells);
    preg_match('~name="name" value="(For the test, 13 Dec, 19:00)"~', $html, $name);
    $this->post('/drill-lists/items', ['name' => $name[1], 'cells' => $cells[1]])->assertSessionHasNoErrors();
    $list = $this->hall->drillLists()->firstOrFail();
    expect($list->items->map->only('attack_id', 'side')->all())->toBe([
        ['attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'), 'side' => Side::Written],
    ]);
    // Once it is over, the way tells of it no more: what it had planned stays.
    $before = $said($classes[6]);
    $this->travelTo(CarbonImmutable::parse('2026-12-14 12:00'));
    $seasons->of($test->fresh());
    expect($said($classes[6]))->toBe($before);
    $this->get("/classes/{$classes[6]->id}")->assertDontSee('on a list, and the mat can draw from it.');
    // Another takes the place of the only candidate, and nothing is planned anew yet.
    $other = $this->hall->students()->where('code', '<>', 'new')->value('id');
    $test->candidates()->sync([$other => ['school_id' => $this->hall->id]]);
    expect($said($classes[6]))->toBe([]);
});

it('draws on the mat what a candidate has been taught on the way, from the day on which it is', function (): void {
    $classes = array_map(
        fn (int $day): TrainingClass => ($this->class)(sprintf('2026-12-%02d 19:00', $day)),
        [1, 3, 5, 7, 9, 11, 13],
    );
    $test = ($this->test)();
    app(SeasonBook::class)->of($test);
    $drawn = function (): array {
        $kit = $this->get('/mat/kit')->assertOk()->json();
        $own = collect($kit['students'])->firstWhere('id', $this->new->id)['tickets'];

        return array_map(
            static fn (array $ticket): array => [
                $kit['cells'][$ticket['cell']]['title'],
                $kit['cells'][$ticket['cell']]['side'],
                $ticket['answers'],
            ],
            $own,
        );
    };
    $forecast = fn (): TestResponse => $this->post('/mat/forecast', [
        'people' => [$this->new->id],
        'rung' => 3,
        'list' => 'most',
    ])->assertOk();
    $wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();

    $told = fn (): array => array_map(
        fn (string $path): int => substr_count((string) $this->get($path)->assertOk()->getContent(), e($wrist->title)),
        ['/board?rank=first', "/people/{$this->new->id}"],
    );

    // What the rank of the candidate needs nobody answers. The wrist is taught on the first of December.
    $this->hall
        ->attacks()
        ->where('code', '<>', 'wrist')
        ->firstOrFail()
        ->update(['needed_by_id' => $this->new->rank_id]);
    expect($drawn())->toBe([]);
    $before = $told();
    $this->travelTo(CarbonImmutable::parse('2026-12-01 09:00'));
    expect($drawn())->toBe([[$wrist->title, 'written', [$this->answer->id]]]);
    $forecast()->assertSee('Drawn from 1, ')->assertSee('1 of them is for the coming test.');
    // So it is what comes next wherever that is told: in the class, on the board, on the ladder.
    $this->get("/classes/{$classes[0]->id}")->assertSee("{$wrist->title}, as written, at rung");
    expect($told())->toBe(array_map(static fn (int $times): int => $times + 1, $before));

    // No class, no candidate, no test: nothing to draw.
    $classes[0]->update(['cancelled_at' => now()]);
    expect($drawn())->toBe([]);
    $classes[0]->update(['cancelled_at' => null]);
    expect($drawn())->not->toBe([]);
    $test->update(['cancelled_at' => now()]);
    expect($drawn())->toBe([]);
    $forecast()->assertDontSee('for the coming test.');
});

it('has a candidate practise alone, from the next week on, what was taught on the way', function (): void {
    ($this->class)('2026-12-01 19:00');
    app(SeasonBook::class)->of(($this->test)());
    $home = fn (): string => (string) $this->get("/people/{$this->new->id}/home")->assertOk()->getContent();

    $this->travelTo(CarbonImmutable::parse('2026-12-02 09:00'));
    expect($home())->not->toContain($this->answer->title);
    $this->travelTo(CarbonImmutable::parse('2026-12-07 09:00'));
    expect($home())->toContain($this->answer->title);
});

it('asks a job for what is not planned for a class, and for nothing that no test leads to', function (): void {
    Queue::fake();
    $class = ($this->class)('2026-12-01 19:00');
    $test = ($this->test)();
    $this->get("/classes/{$class->id}")
        ->assertSee('The way to a coming test is being planned.')
        ->assertDontSee('for the coming test, as taught at');
    Queue::assertPushed(PlanSeason::class, static fn (PlanSeason $job): bool => $job->testId === $test->id);
    app(SeasonBook::class)->of($test->fresh());
    $this->get("/classes/{$class->id}")
        ->assertDontSee('is being planned')
        ->assertSee('for the coming test, as taught at');

    Queue::fake();
    $test->update(['classes' => ['another-one']]);
    expect(($this->forTest)($class))->toBeFalse();
    $test->update(['classes' => [$class->code]]);
    expect(($this->forTest)($class))->toBeTrue();
    // One for children leads nobody there who is grown up, unless it was chosen.
    $this->hall
        ->students()
        ->create([...$this->new->only('rank_id'), 'code' => 'c', 'name' => 'C', 'born' => '2018-01-01']);
    $children = ($this->class)('2026-12-02 19:00', ['ages' => 'under-16']);
    $test->update(['classes' => []]);
    $this->get("/classes/{$children->id}")->assertOk()->assertDontSee('is being planned');
    $test->update(['classes' => [$children->code]]);
    $this->get("/classes/{$children->id}")->assertSee('is being planned');
    $test->update(['classes' => [$class->code]]);
    Queue::fake();
    $test->candidates()->detach();
    expect(($this->forTest)($class))->toBeFalse();
    // After the test, and one that was before it was planned.
    ($this->forTest)(($this->class)('2026-12-21 19:00'));
    ($this->test)(['at' => '2026-12-23T10:00']);
    ($this->forTest)(($this->class)('2026-11-29 19:00'));
    Queue::assertNothingPushed();
});

it('asks no job again for what could not be planned, as long as nothing has changed', function (): void {
    $class = ($this->class)('2026-12-01 19:00');
    (new PlanSeason(($this->test)()->id))->failed(null);
    Queue::fake();
    $this->get("/classes/{$class->id}")->assertOk()
        ->assertDontSee('The way to a coming test is being planned.');
    Queue::assertNothingPushed();
    BoardFixture::boardRep($this->hall, 1, 'ada-plover', CarbonImmutable::now());
    $this->get("/classes/{$class->id}")->assertOk()
        ->assertSee('The way to a coming test is being planned.');
    Queue::assertPushed(PlanSeason::class);
});

it('plans the way to a test anew around a class', function (string $at, int $minutes, bool $isPlanned): void {
    Queue::fake();
    $test = ($this->test)();
    ($this->class)($at, ['minutes' => $minutes]);
    ($this->class)('2026-11-30 10:30', ['cancelled_at' => now()]);
    $this->artisan('stone-drill:seasons')->assertSuccessful();

    $isPlanned
        ? Queue::assertPushed(PlanSeason::class, static fn (PlanSeason $job): bool => $job->testId === $test->id)
        : Queue::assertNothingPushed();
})->with([
    'just now' => ['2026-11-30 11:00', 60, true],
    'two hours ago' => ['2026-11-30 09:01', 60, true],
    'long ago' => ['2026-11-30 08:59', 60, false],
    'still on' => ['2026-11-30 11:01', 60, false],
    'soon' => ['2026-11-30 13:59', 60, true],
    'to come' => ['2026-11-30 14:01', 60, false],
]);

it('plans anew neither for nobody nor for a test that is over or called off', function (
    array $columns,
    bool $hasCandidates,
): void {
    ($this->class)('2026-11-30 11:00');
    $test = ($this->test)();
    expect(SeasonBook::around(CarbonImmutable::now()))->toBe([$test->id]);
    DB::table('tests')
        ->where('id', $test->id)
        ->update($columns + ['place' => 'Loft']);
    $hasCandidates ?: $test->candidates()->detach();

    expect(SeasonBook::around(CarbonImmutable::now()))->toBe([]);
})->with([
    'nobody' => [[], false],
    'over' => [['at' => '2026-11-30 11:59'], true],
    'called off' => [['cancelled_at' => '2026-11-29'], true],
]);
