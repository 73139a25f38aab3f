<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Models\Test;
use App\Persistence\CatalogueMapper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Tests\Support\PdfPaper;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->second = $this->person($this->hall, Role::Assistant);
    $this->actingAs($this->head);
    $this->ada = $this->hall->students()->firstOrFail();
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->up = $this->hall->ranks()->where('code', 'second')->firstOrFail();
    $this->hall->attacks()->update(['needed_by_id' => null]);
    $this->wrist->update(['needed_by_id' => $this->up->id, 'critical' => true]);
    $this->plan = function (array $with = []): Test {
        $this->actingAs($this->head)
            ->post('/tests', [
                'rank' => $this->up->id,
                'at' => '2026-12-20T10:00',
                'place' => 'Loft',
                'items' => 'list',
                'candidates' => [$this->ada->id],
                ...$with,
            ])
            ->assertSessionHasNoErrors();

        return $this->hall->tests()->latest('id')->firstOrFail();
    };
    /** Marks the items in their order, one word each; an empty one says nothing. */
    $this->mark = function (Test $test, array $outcomes, int $attempt = 1, array $with = []): TestResponse {
        $marks = $test->items
            ->map(
                fn ($item, int $place): array => [
                    'item' => $item->id,
                    'student' => $this->ada->id,
                    'attempt' => $attempt,
                    'outcome' => $outcomes[$place] ?? '',
                    ...$with,
                ],
            )
            ->all();

        return $this->put("/tests/{$test->id}/{$this->ada->id}/marks", ['marks' => $marks]);
    };
    $this->decide = fn (Test $test, array $with = []) => $this->post(
        "/tests/{$test->id}/{$this->ada->id}/decision",
        $with,
    );
    $this->state = fn (Test $test): ?string => DB::table('test_candidates')
        ->where('test_id', $test->id)
        ->value('result');
});

it('plans a test of what a rank needs, with how ready each candidate is', function (): void {
    $this->get('/tests')->assertSee('No test yet.');
    $test = ($this->plan)();

    // One clean rep at rung 2 on the day of the test does nothing for rung 3: untried, the prior stands. Two critical
    // items, 80 % is 2 of 2: .5 × .5.
    $this->get("/tests/{$test->id}")->assertOk()
        ->assertSee('Ada Plover')
        ->assertSee('2 items')
        ->assertSee('25 %')
        ->assertSeeInOrder(['What it asks for', 'Wrist held across', 'Wrist held across (mirrored)']);
    $this->get('/tests')->assertSee('Sun 20 Dec 2026, 10:00')->assertSee('Second');
    $this->get("/tests/{$test->id}/sheet.pdf")->assertOk()
        ->assertHeader('content-type', 'application/pdf');
    $this->get("/tests/{$test->id}/{$this->ada->id}/certificate.pdf")->assertNotFound();
    expect($test->items->pluck('rung')->unique()->all())->toBe([$this->up->goal_rung]);
});

it('passes who did well enough: reps of the day, the rank, a certificate', function (): void {
    $test = ($this->plan)();
    $before = $this->hall->reps()->count();
    $page = "/tests/{$test->id}/{$this->ada->id}";
    ($this->decide)($test)->assertSessionHas('error', 'Nobody is marked yet. Mark some items first.');
    ($this->mark)($test, ['clean', 'clean'], with: ['remark' => 'calm'])->assertSessionHas(
        'status',
        'Your marks are saved.',
    );
    $this->get($page)->assertOk()->assertSee('100 % of the credit: passed by the rule')->assertSee('calm');
    ($this->decide)($test)->assertSessionHas('status', 'Ada Plover has passed and is Second now.');
    ($this->decide)($test);

    expect($this->hall->reps()->count())->toBe($before + 2)
        ->and($this->hall->reps()->where('source', 'test')->pluck('outcome')->unique()->map->value->all())
        ->toBe(['clean'])
        ->and($this->ada->fresh()->rank->code)->toBe('second')
        ->and($this->ada->awards()->with('rank')->get()->map(fn ($award): string => $award->rank->code)->all())
        ->toBe(['second', 'first']);
    $certificate = $this->get("{$page}/certificate.pdf")->assertOk()->assertHeader('content-type', 'application/pdf');
    $this->ada->update(['name' => str_repeat('Ada of the Plovers ', 10)]);
    $long = $this->get("{$page}/certificate.pdf")->getContent();
    expect([PdfPaper::pages($certificate->getContent()), PdfPaper::pages($long)])->toBe([1, 1]);
    $this->get("/people/{$this->ada->id}")
        ->assertSee('Second since '.now()->format('j M Y'))
        ->assertSee('by a test');
    $this->delete("{$page}/decision")->assertSessionHas('status');
    expect($this->ada->fresh()->rank->code)->toBe('first')
        ->and($this->hall->reps()->count())->toBe($before + 2)
        ->and(($this->state)($test))->toBeNull();
});

it('lets items be shown once more, on another day', function (): void {
    $test = ($this->plan)();
    ($this->mark)($test, ['clean', 'hit']);
    ($this->decide)($test, ['retest_on' => now()->addWeek()->format('Y-m-d')])->assertSessionHas(
        'status',
        'Ada Plover shows some items again. Mark them as shown again, then decide again.',
    );
    expect(($this->state)($test))->toBe('retest')
        ->and($this->ada->fresh()->rank->code)->toBe('first');
    $this->get("/tests/{$test->id}")->assertSee('shows again: Wrist held across');
    ($this->mark)($test, ['', 'clean'], 2);
    ($this->decide)($test);
    expect(($this->state)($test))->toBe('passed')
        ->and(
            $this->hall
                ->reps()
                ->where('source', 'test')
                ->orderBy('at')
                ->pluck('outcome')
                ->map->value->sort()
                ->values()
                ->all(),
        )
        ->toBe(['clean', 'clean', 'hit']);
});

it('shows where two examiners differ, and waits until it is settled', function (): void {
    $test = ($this->plan)();
    ($this->mark)($test, ['clean', 'clean']);
    $this->actingAs($this->second);
    ($this->mark)($test, ['clean', 'froze']);
    ($this->decide)($test)->assertForbidden();
    $this->actingAs($this->head);
    ($this->decide)($test)->assertSessionHas(
        'error',
        'The examiners saw some items differently. Say first what stands.',
    );
    $this->get("/tests/{$test->id}/{$this->ada->id}")
        ->assertSee('The examiners saw it differently.')
        ->assertSee("{$this->head->name}: clean; {$this->second->name}: froze");
    $this->put("/tests/{$test->id}/{$this->ada->id}/items/{$test->items[1]->id}", [
        'outcome' => 'scraped',
        'attempt' => 1,
    ])->assertRedirect();
    $this->get("/tests/{$test->id}/{$this->ada->id}")
        ->assertSee('75 % of the credit, 1 item to show again (0 unseen, 0 critical ones failed)')
        ->assertSee("{$this->head->name} settled it: scraped");
    ($this->decide)($test);
    expect(($this->state)($test))->toBe('retest')
        ->and(
            $this->hall
                ->reps()
                ->where('source', 'test')
                ->orderBy('attack_id')
                ->pluck('outcome')
                ->map->value->sort()
                ->values()
                ->all(),
        )
        ->toBe(['clean', 'scraped']);
});

it('keeps the later mark, however late an earlier one is sent', function (): void {
    $test = ($this->plan)();
    ($this->mark)($test, ['clean', 'clean'], with: ['at' => now()->subMinute()->toIso8601String()]);
    ($this->mark)($test, ['hit', 'hit'], with: ['at' => now()->subMinutes(5)->toIso8601String()]);

    expect($test->marks()->pluck('outcome')->map->value->all())->toBe(['clean', 'clean']);
});

it('takes a student who was promoted meanwhile as they are', function (): void {
    $test = ($this->plan)();
    $this->put("/people/{$this->ada->id}", [
        'name' => 'Ada Plover',
        'rank' => $this->up->id,
        'height' => '1.71',
    ])->assertSessionHasNoErrors();
    expect($this->ada->awards()->count())->toBe(2);
    ($this->mark)($test, ['clean', 'clean']);
    ($this->decide)($test)->assertSessionHas('status');
    expect($this->ada->awards()->count())->toBe(2)
        ->and(($this->state)($test))->toBe('passed');
    $this->delete("/tests/{$test->id}/{$this->ada->id}/decision");
    expect($this->ada->fresh()->rank->code)->toBe('second');
});

it('keeps to what was asked once somebody is marked', function (): void {
    $test = ($this->plan)(['items' => 'drawn']);
    expect($test->items)->toHaveCount(2);
    $update = fn (array $with) => $this->put("/tests/{$test->id}", [
        'version' => $test->fresh()->version,
        'rank' => $this->up->id,
        'at' => '2026-12-21T10:00',
        'place' => '',
        'items' => 'drawn',
        'candidates' => [$this->ada->id],
        ...$with,
    ]);
    $update(['items' => 'list'])->assertSessionHas('status', 'The test is saved.');
    ($this->mark)($test->fresh(), ['clean', 'clean']);
    $update(['items' => 'drawn'])->assertSessionHas(
        'error',
        'Somebody is marked already, so what this test asks for stays as it is.',
    );
    ($this->decide)($test);
    $update(['items' => 'list', 'candidates' => []])->assertSessionHas('status');
    expect($test->candidates()->count())->toBe(1);
    $update(['items' => 'list', 'version' => 1])->assertSessionHas('overtaken');
    $this->delete("/tests/{$test->id}")->assertRedirect('/tests');
    $this->get('/tests')->assertDontSee('21 Dec');
});

it('refuses what is no test, no mark and no candidate', function (): void {
    foreach (
        [
            ['rank' => 999],
            ['at' => 'soon'],
            ['items' => 'some'],
            ['candidates' => [999_999]],
            ['at' => '2026-12-20'],
        ] as $bad
    ) {
        $this->post('/tests', [
            'rank' => $this->up->id,
            'at' => '2026-12-20T10:00',
            'items' => 'list',
            'candidates' => [],
            ...$bad,
        ])->assertSessionHasErrors();
    }
    expect($this->hall->tests()->count())->toBe(0);
    $test = ($this->plan)();
    $other = $this->hall
        ->students()
        ->create(['code' => 'bo', 'name' => 'Bo', 'rank_id' => $this->up->id, 'flags' => []]);
    $this->get("/tests/{$test->id}/{$other->id}")->assertNotFound();
    $mark = ['item' => $test->items[0]->id, 'student' => $this->ada->id, 'attempt' => 1, 'outcome' => 'clean'];
    foreach (
        [
            ['item' => 999_999],
            ['student' => $other->id],
            ['attempt' => 5],
            ['outcome' => 'splendid'],
            ['remark' => str_repeat('x', 501)],
        ] as $bad
    ) {
        $this->putJson("/tests/{$test->id}/{$this->ada->id}/marks", ['marks' => [[...$mark, ...$bad]]])->assertStatus(
            422,
        );
    }
    expect($test->marks()->count())->toBe(0);
    $another = $this->school('Other Hall');
    $this->actingAs($this->person($another, Role::Head))
        ->get("/tests/{$test->id}")
        ->assertNotFound();
});

it('takes tests and dated ranks through the open file', function (): void {
    $test = ($this->plan)();
    ($this->mark)($test, ['clean', 'clean']);
    ($this->decide)($test);
    // What was marked before the day of the test counts for it too.
    $this->hall->tests()->update(['at' => now()]);
    $file = app(CatalogueMapper::class)->everything($this->hall->fresh());
    expect($file->tests[0]->results)->toHaveCount(2)->and($file->students[0]->ranks)->toHaveCount(2);
    $copy = School::create(['name' => 'Copy', 'doctrine' => 'escape']);
    (new ImportCatalogue())->import($file, $copy);
    (new ImportCatalogue())->import($file, $copy);
    $again = app(CatalogueMapper::class)->everything($copy->fresh());

    expect($again->tests)->toEqual($file->tests)
        ->and($again->students)->toEqual($file->students)
        ->and($copy->tests()->firstOrFail()->items()->count())->toBe(2);
});

it('shows the way to a test, and plans it anew after each class', function (): void {
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update([
            'beats'
                => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
        ]);
    $test = ($this->plan)(['at' => now()->addDays(40)->format('Y-m-d\TH:i')]);
    $season = fn () => $this->get("/tests/{$test->id}/season");
    $season()
        ->assertOk()
        ->assertSee('It does not fit as it stands.')
        ->assertSee('No class is planned until then.')
        ->assertSee('More classes alone do not help.');
    foreach (range(1, 12) as $number) {
        $this->hall
            ->classes()
            ->create(['at' => now()->addDays(3 * $number), 'minutes' => 60, 'places' => 8, 'instructors' => 1]);
    }
    $page = $season()
        ->assertDontSee('No class is planned')
        ->assertSee('Ada Plover')
        ->assertSee('everybody')
        ->assertSee('as planned now')
        ->assertSee('as it was');
    expect($test->fresh()->expected)->toBeArray();
    $held = fn (): int => (int) preg_replace('/.*<td>(\d+) of \d+<\/td>.*/s', '$1', (string) $season()->getContent());
    $before = $held();
    $test->candidates()->detach();
    $this->get("/tests/{$test->id}")->assertDontSee('Working out the way');
    expect($before)->toBeGreaterThan(0);
});

it('gives the test of the day along to the mat, and takes marks of whoever made them', function (): void {
    $test = ($this->plan)(['at' => now()->addHours(2)->format('Y-m-d\TH:i')]);
    ($this->plan)();
    // A second one on the same day.
    ($this->plan)(['at' => now()->addHours(4)->format('Y-m-d\TH:i')]);
    $kit = $this->actingAs($this->second)->get('/mat/plans')->assertOk()->json() + $this->get('/mat/kit')->json();
    expect($kit['tests'])->toHaveCount(2)
        ->and(array_column($kit['tests'][0]['items'], 'title'))
        ->toBe(['Wrist held across', 'Wrist held across (mirrored)'])
        ->and($kit['tests'][0]['candidates'])
        ->toBe([
            [
                'id' => $this->ada->id,
                'name' => 'Ada Plover',
                'showings' => [['attempt' => 2, 'says' => 'Shown the second time']],
            ],
        ]);
    $mark = [
        'item' => $test->items[0]->id,
        'student' => $this->ada->id,
        'attempt' => 1,
        'outcome' => 'clean',
        'by' => $kit['by'],
        'at' => now()->subMinute()->toIso8601String(),
    ];
    // Sent by somebody else, later: they belong to the one who marked.
    $this->actingAs($this->head)
        ->putJson("/mat/tests/{$test->id}/marks", ['marks' => [$mark]])
        ->assertExactJson(['kept' => 1]);
    $this->putJson("/mat/tests/{$test->id}/marks", ['marks' => [$mark]])->assertOk();
    $this->putJson("/mat/tests/{$test->id}/marks", [
        'marks' => [[...$mark, 'by' => 'x', 'outcome' => 'late']],
    ])->assertOk();

    expect(
        $test
            ->marks()
            ->orderBy('outcome')
            ->get()
            ->map(fn ($one): array => [$one->examiner_id, $one->outcome->value])
            ->all(),
    )->toBe([[$this->second->id, 'clean'], [$this->head->id, 'late']]);
    expect($this->actingAs($this->second)->get('/mat/plans')->json('tests.0.marks'))->toBe([
        ['item' => $test->items[0]->id, 'student' => $this->ada->id, 'attempt' => 1, 'outcome' => 'clean'],
    ]);
});

it('counts whom a rank had on the day that is asked for', function (): void {
    $of = function (int $days): array {
        $share = app(App\Persistence\ProofBook::class)->at(
            $this->hall->fresh(),
            CarbonImmutable::now()->subDays($days),
        );

        return [$share->students('first'), $share->students('second')];
    };
    $this->ada
        ->awards()
        ->create(['school_id' => $this->hall->id, 'rank_id' => $this->ada->rank_id, 'awarded_on' => now()->subYear()]);
    $this->ada
        ->awards()
        ->create(['school_id' => $this->hall->id, 'rank_id' => $this->up->id, 'awarded_on' => now()->subDays(10)]);
    $this->ada->update(['rank_id' => $this->up->id]);

    expect($of(5))->toBe([0, 1])
        ->and($of(20))->toBe([1, 0]);
});

it('offers an item as often as the school lets it be shown, and once more where it is left for another day', function (
    int $repeats,
    array $inTest,
    array $left,
    string $rule,
): void {
    $this->hall->update(['test_repeats' => $repeats]);
    $test = ($this->plan)(['at' => now()->addHour()->format('Y-m-d\TH:i')]);
    $page = "/tests/{$test->id}/{$this->ada->id}";
    $offered = function () use ($page, $test): array {
        $this->nextRequest();
        $kit = $this->actingAs($this->head)->get('/mat/plans')->assertOk()->json('tests');
        $exam = array_find($kit, static fn (array $one): bool => $one['id'] === $test->id);
        $mat = array_column($exam['candidates'][0]['showings'], 'says');
        preg_match_all('/<option value="\d"[^>]*>\s*(\w+ time)\s*</', (string) $this->get($page)->getContent(), $desk);
        $desk = array_values(array_unique($desk[1]));
        // The Mat has a button for each after the first.
        expect($mat)->toBe(
            array_map(static fn (string $time): string => "Shown the {$time}", array_slice($desk, 1)),
        );

        return $desk;
    };
    expect($offered())->toBe($inTest);
    $this->get($page)->assertSee($rule);

    ($this->mark)($test, ['clean', 'hit']);
    ($this->decide)($test, ['retest_on' => now()->addWeek()->format('Y-m-d')]);
    expect($offered())->toBe($left);
    $last = max(2, 1 + $repeats);
    ($this->mark)($test, ['', 'clean'], $last);
    ($this->decide)($test);
    expect(($this->state)($test))->toBe('passed')
        ->and($this->hall->reps()->where('source', 'test')->count())->toBe(3);
})->with([
    'never' => [0, [], ['first time', 'second time'], 'Each item is shown once, and what is left another day.'],
    'once' => [1, ['first time', 'second time'], ['first time', 'second time'], 'Each item may be shown twice.'],
    'three times' => [
        3,
        ['first time', 'second time', 'third time', 'fourth time'],
        ['first time', 'second time', 'third time', 'fourth time'],
        'Each item may be shown up to 4 times.',
    ],
]);

it('leaves what was marked of a later time where items may be shown less often since', function (int $repeats): void {
    $this->hall->update(['test_repeats' => 2]);
    $test = ($this->plan)();
    ($this->mark)($test, ['hit', 'clean']);
    ($this->mark)($test, ['clean'], 3);
    $this->hall->update(['test_repeats' => $repeats]);
    $this->nextRequest();
    $page = (string) $this->get("/tests/{$test->id}/{$this->ada->id}")->assertOk()->getContent();
    // Its first item stands at the third time, so that saving it again changes nothing of the first.
    preg_match_all('/<option value="(\d)"[^>]* selected/', $page, $chosen);
    expect($chosen[1][0] ?? null)->toBe('3');
})->with([0, 1]);

it('takes no marks once it is decided, and corrects a rep where it is decided otherwise after all', function (): void {
    $test = ($this->plan)();
    ($this->mark)($test, ['clean', 'scraped']);
    ($this->decide)($test);
    ($this->mark)($test, ['hit', 'hit']);
    expect($test->marks()->pluck('outcome')->map->value->sort()->values()->all())->toBe(['clean', 'scraped']);
    $this->delete("/tests/{$test->id}/{$this->ada->id}/decision");
    ($this->mark)($test, ['clean', 'clean']);
    ($this->decide)($test)->assertSessionHas('status', 'Ada Plover has passed and is Second now.');
    ($this->mark)($test, ['', 'hit'], 2);
    $reps = $this->hall->reps()->where('source', 'test');

    expect($reps->clone()->count())->toBe(3)
        ->and($reps->clone()->standing()->pluck('outcome')->map->value->all())->toBe(['clean', 'clean'])
        ->and($reps->clone()->whereNotNull('replaces')->value('reason'))->toBe('The test was decided again.')
        ->and($test->marks()->where('attempt', 2)->count())->toBe(0);
});

it('says when the way to a test could not be worked out, and tries again', function (): void {
    $test = ($this->plan)(['at' => now()->addDays(40)->format('Y-m-d\TH:i')]);
    (new App\Jobs\PlanSeason($test->id))->failed(null);
    $this->get("/tests/{$test->id}/season")
        ->assertSee('It could not be worked out.')
        ->assertDontSee('hx-trigger="load delay', false);
    $this->get("/tests/{$test->id}/season")
        ->assertDontSee('It could not be worked out.')
        ->assertSee('It does not fit as it stands.');
});

it('shows how far it is worked out while a job is at it', function (): void {
    $test = ($this->plan)(['at' => now()->addDays(40)->format('Y-m-d\TH:i')]);
    Illuminate\Support\Facades\Queue::fake();
    $this->get("/tests/{$test->id}/season")
        ->assertSee('Working out the way to the test')
        ->assertSee('value="0"', false)
        ->assertSee('hx-trigger="load delay', false);
    app(App\Persistence\RevisionCache::class)->keep("ahead-share:{$test->id}", '', 60, 40);
    $this->get("/tests/{$test->id}/season")->assertSee('40 %');
    app(App\Persistence\SeasonBook::class)->of($test->load('school', 'rank'));
    expect(app(App\Persistence\SeasonBook::class)->share($test))->toBe(0);
});
