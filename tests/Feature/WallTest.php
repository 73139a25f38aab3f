<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\Demo;
use App\View\Wall\Stone;
use App\View\Wall\WallChanges;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Tests\Feature\WallFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
});

it('shows the part that is asked for, with its holes alone', function (
    string $query,
    int $cells,
    int $courses,
    array $holes,
): void {
    $wall = WallFixture::wallAt($this->hall, $query);

    expect($wall->cells)->toHaveCount($cells)
        ->and($wall->picture->courses)->toHaveCount($courses)
        ->and(
            array_map(
                fn (array $row): string => $row['hole']->attack.' '.$row['hole']->side->value,
                $wall->holes->rows,
            ),
        )
        ->toBe($holes);
})->with([
    // The hug weighs 2 on its one side, the wrist's other side 2 × .6.
    'everything' => ['', 3, 2, ['hug written', 'wrist mirrored']],
    'a family' => ['family=hug', 1, 2, ['hug written']],
    'a hand' => ['hand=left', 1, 2, ['wrist mirrored']],
    'ranks' => ['from=second&to=second', 3, 1, ['hug written']],
    'ranks the wrong way round' => ['from=second&to=first', 3, 2, ['hug written', 'wrist mirrored']],
    'nothing' => ['family=hug&hand=left', 0, 2, []],
    'what is not there' => [
        'family=zebra&from=third&student=x&since=tomorrow',
        3,
        2,
        ['hug written', 'wrist mirrored'],
    ],
]);

it('says on the page what is shown, and takes it away again', function (): void {
    $this->get('/wall?family=hug&place=open&since=2020-01-01')->assertOk()
        ->assertSee('family hug')
        ->assertSee('place open')
        ->assertSee('compared with 1 January 2020')
        ->assertSee('/wall?place=open&amp;since=2020-01-01"', false);
    $this->get('/wall?family=hug&hand=left')
        ->assertSee('No attack matches all filters.')
        ->assertSee('Show the whole wall');
    $this->get('/wall?family=hug&form=table')->assertSee('Hug from behind')->assertDontSee('Wrist held across');
});

it('names no column where there is no room, and does in a family alone', function (): void {
    foreach (range(1, 150) as $number) {
        $this->hall
            ->attacks()
            ->firstOrFail()
            ->replicate()
            ->fill(['code' => "w{$number}", 'title' => "Wrist {$number}"])
            ->save();
    }
    foreach (range(1, 8) as $number) {
        $this->hall
            ->ranks()
            ->create([
                'position' => 10 + $number,
                'code' => "r{$number}",
                'name' => "Rank {$number}",
                'max_beats' => 4,
                'goal_rung' => 2,
            ]);
    }
    $wall = WallFixture::wallAt($this->hall->fresh(), '');
    expect($wall->picture->columns)->toBe([])
        ->and($wall->picture->courses)->toHaveCount(10)
        ->and(min(array_column(array_column($wall->picture->stones, 'place'), 'width')))->toBeGreaterThan(1.5);
    expect(WallFixture::wallAt($this->hall->fresh(), 'family=hug')->picture->columns)->toHaveCount(1);
    $this->actingAs($this->head->fresh())
        ->get('/wall')
        ->assertOk()
        ->assertSee('Press the name of a family to see it alone');
});

it('shows the student’s own proof as the moss, and another’s in the lower half', function (): void {
    $this->hall
        ->students()
        ->create(['code' => 'bo', 'name' => 'Bo', 'rank_id' => $this->hall->ranks()->value('id'), 'flags' => []]);
    foreach (range(1, 3) as $number) {
        WallFixture::cleanRep($this->hall, $number, 'bo', CarbonImmutable::now());
    }
    $ids = $this->hall->students()->pluck('id', 'code');

    // Three fresh clean reps: .661 (the 10 % quantile of Beta(3.5, .5)).
    $stone = WallFixture::wallAt($this->hall, "student={$ids['bo']}")->picture->stones[0];
    expect($stone->proven)->toHaveCount(1)
        ->and($stone->proven[0])->toEqualWithDelta(0.661, 0.001)
        ->and($stone->label->text)->toContain('Bo: holds at rung 2, lower bound 0.66 of 3 tries, fades on');
    $stone = WallFixture::wallAt($this->hall, "student={$ids['ada-plover']}&against={$ids['bo']}")->picture->stones[0];
    expect($stone->proven)->toHaveCount(2)
        ->and($stone->proven[1])->toEqualWithDelta(0.661, 0.001)
        ->and($stone->moss()[1]['y'] + $stone->moss()[1]['height'])
        ->toEqualWithDelta($stone->place->y + $stone->place->height, 0.02)
        ->and($stone->moss()[0]['y'] + $stone->moss()[0]['height'])
        ->toEqualWithDelta($stone->place->y + $stone->place->height / 2, 0.02);
    expect(
        WallFixture::wallAt($this->hall, "student={$ids['bo']}&against={$ids['bo']}")->picture->stones[0]->proven,
    )->toHaveCount(1);
    $this->get("/wall?student={$ids['ada-plover']}&against={$ids['bo']}")->assertSee(
        'upper half Ada Plover, lower half Bo',
    );
});

it('compares with a day: what was laid since, what was lost, and what was proven then', function (): void {
    $gate = $this->hall->answers()->firstOrFail();
    DB::table('answer_versions')->update(['saved_at' => now()->subWeeks(20)]);
    DB::table('attacks')->update(['created_at' => now()->subWeeks(20)]);
    $since = 'since='.now()->subWeeks(15)->toDateString();
    expect(WallFixture::stoneChanges(WallFixture::wallAt($this->hall, $since)))->toBe([]);

    $gate->updateVersion(
        1,
        ['mirrored' => true, 'rank_id' => $this->hall->ranks()->where('code', 'second')->value('id')],
        $this->head,
    );
    // As written it was laid at First and is not; mirrored it was not at Second and is.
    expect(WallFixture::stoneChanges(WallFixture::wallAt($this->hall->fresh(), $since)))
        ->toBe(['0 0 lost', '1 1 gained'])
        ->and(
            WallFixture::stoneChanges(
                WallFixture::wallAt($this->hall->fresh(), 'since='.now()->subWeeks(30)->toDateString()),
            ),
        )
        ->toBe(['0 0 opened', '0 1 gained', '1 0 opened', '1 1 gained', '2 1 opened']);
    $this->actingAs($this->head->fresh())
        ->get("/wall?form=table&{$since}")
        ->assertSee('no longer laid (First)')
        ->assertSee('newly laid (Second)')
        ->assertSee('the same');

    foreach (range(1, 3) as $number) {
        WallFixture::cleanRep($this->hall, $number, 'ada-plover', CarbonImmutable::now()->subWeeks(16));
    }
    $gate->updateVersion(2, ['rank_id' => $this->hall->ranks()->where('code', 'first')->value('id')], $this->head);
    // Held fifteen weeks ago, faded by now.
    $stone = WallFixture::wallAt($this->hall->fresh(), $since)->picture->stones[0];
    expect($stone->was)->toBe(1.0)
        ->and($stone->proven)->toBe([0.0])
        ->and($stone->label->text)->toContain('Then: 1 of 1 First students hold it at rung 2.');
});

it('gives the demo a last season', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $was = app(CatalogueMapper::class)->curriculumAt($school, now()->subWeeks(8));
    $mirrored = array_map(fn ($answer): bool => $answer->matching->mirrored, array_column($was->answers, null, 'id'));

    expect(count($was->answers))->toBe($school->answers()->count() - 2)
        ->and($mirrored['fender'])->toBeFalse()
        ->and($mirrored['thumb-gate'])->toBeTrue()
        ->and($was->answer('slack-line')->teaching->rank)->toBe('flint');
    $wall = WallFixture::wallAt($school, 'since='.now()->subWeeks(13)->toDateString());
    $changes = WallChanges::counted($wall->picture->stones);
    expect($changes['gained'])->toBeGreaterThan(3);
});

it('draws anew what was changed, and keeps what was not', function (): void {
    $this->get('/wall')->assertSee('Hug from behind');
    DB::enableQueryLog();
    $this->actingAs($this->head->fresh())->get('/wall')->assertOk();
    expect(
        collect(DB::getQueryLog())
            ->pluck('query')
            ->filter(fn (string $query): bool => str_contains($query, 'from "answers"')),
    )->toBeEmpty();

    DB::table('attacks')
        ->where('code', 'hug')
        ->update(['title' => 'Hug at the rail']);
    $this->actingAs($this->head->fresh())->get('/wall')->assertSee('Hug at the rail')->assertDontSee('Hug from behind');
    $this->actingAs($this->person($this->hall, Role::Assistant))
        ->get('/wall')
        ->assertOk()
        ->assertDontSee('write one')
        ->assertDontSee('Drag a laid stone');
});

it('saves as a drawing that stands alone', function (): void {
    $response = $this->get('/wall.svg?family=hug')
        ->assertOk()
        ->assertHeader('Content-Type', 'image/svg+xml; charset=utf-8');
    $drawing = new DOMDocument();

    expect($drawing->loadXML((string) $response->getContent()))->toBeTrue()
        ->and($drawing->documentElement->namespaceURI)->toBe('http://www.w3.org/2000/svg')
        ->and($response->getContent())->toContain('Hug from behind')
        ->not->toContain('Wrist held across')
        ->not->toContain('href=');
});

it('saves as comma-separated values that a spreadsheet cannot take for a formula', function (): void {
    $this->hall
        ->attacks()
        ->where('code', 'hug')
        ->update(['title' => '=1+1, "big"']);
    $content = (string) $this->get('/wall.csv')->assertOk()->getContent();
    $rows = array_map(fn (string $line): array => str_getcsv($line, escape: ''), explode("\r\n", trim($content)));

    expect($rows)->toHaveCount(4)
        ->and($rows[0])->toHaveCount(21)
        ->and(array_combine($rows[0], $rows[1]))
        ->toMatchArray([
            'attack' => 'Wrist held across', 'side' => 'written', 'family' => 'grab', 'hand' => 'right',
            'needed by' => 'First', 'taught from' => 'First', 'works from' => 'First', 'answers' => 'Gate',
            'holes' => '',
        ])
        ->and(array_combine($rows[0], $rows[2]))
        ->toMatchArray(['side' => 'mirrored', 'hand' => 'left', 'works from' => '', 'holes' => 'one-sided'])
        ->and($rows[3][0])->toBe('\'=1+1, "big"');
});

it('counts by two aspects, and leads to the part of the wall', function (): void {
    $this->get('/wall/cross?down=hand&across=family')->assertOk()
        ->assertSee('The wall by hand and family')
        ->assertSeeInOrder(['grab', 'hug'])
        ->assertSee('/wall?hand=left&amp;family=grab"', false);
    $this->get('/wall/cross?down=family&across=family')->assertSee('The wall by family and bearing');
    $this->get('/wall/cross?down=zebra&across[]=x')->assertOk()->assertSee('The wall by bearing and family');
    $this->get('/wall/cross?family=hug&hand=left')->assertSee('No attack matches all filters.');
});

it('offers to catalogue a pair that nobody has, with the form filled in', function (): void {
    $page = (string) $this->get('/wall/cross')->assertSee('possible pairs are in no attack')->getContent();
    preg_match('/href="([^"]*attacks\/create[^"]*)"/', $page, $link);
    parse_str((string) parse_url(html_entity_decode($link[1]), PHP_URL_QUERY), $asked);
    $form = $this->get(html_entity_decode($link[1]))->assertOk();

    foreach ($asked as $facet => $value) {
        expect((string) $form->getContent())->toMatch(
            '/<select[^>]*name="'
                .$facet
                .'"[^>]*>(?:(?!<\/select>).)*<option value="'
                .preg_quote($value, '/')
                .'"[^>]*selected/s',
        );
    }
});

it('tells what each rank asks, and the basics that appear there', function (): void {
    // Two beats, three actions, all new; the step, the strip and the leave.
    $this->get('/wall/ranks')->assertOk()
        ->assertSee('First: 3 actions in 2 beats, 3.0 of them new, 0.00 bits of choice')
        ->assertSee('No step is much higher')
        ->assertSeeInOrder(['First seen here', 'leave', 'step', 'strip']);
    $this->get('/wall/basics/strip')->assertOk()
        ->assertSee('First seen at First; used in 1 answer.')
        ->assertSee('1  left foot step 9, left hand strip toward thumb -&gt; released', false)
        ->assertSeeInOrder(['leans back', 'never', 'Gate']);
    $this->get('/wall/basics/stomp')->assertNotFound();
});

it('counts the mistakes that were recorded where a basic is used', function (): void {
    WallFixture::cleanRep(
        $this->hall,
        1,
        'ada-plover',
        CarbonImmutable::now(),
        mistakes: ['leans back', 'looks down'],
        answer: 'gate',
    );
    $this->get('/wall/basics/strip')->assertSeeInOrder(['leans back', '1 ×', 'Gate', 'looks down', '1 ×', 'reps only']);
});

it('shows what follows when an answer is taught at another rank, then does it, and takes it back', function (): void {
    $gate = $this->hall->answers()->firstOrFail();
    $this->get("/answers/{$gate->id}/placement")->assertOk()
        ->assertSee('Choose the rank at which it should be introduced.');
    // The wrist as written is late then, and nothing of it is in time any more, so that its other side is open.
    $this->get("/answers/{$gate->id}/placement?to=second")->assertOk()
        ->assertSee('no longer laid: 1')
        ->assertSee('Teach it at Second')
        ->assertSeeInOrder(['Opens', 'late', 'first answer comes at Second'])
        ->assertSeeInOrder(['First', '50 % → 0 %', '2 → 0', 'Second', '33 % → 33 %', '0 → 2']);
    expect($gate->fresh()->rank->code)->toBe('first');

    $this->put("/answers/{$gate->id}/placement", ['to' => 'second', 'version' => 1])
        ->assertRedirect('/wall')
        ->assertSessionHas('undo');
    expect($gate->fresh()->rank->code)->toBe('second');
    $this->put("/answers/{$gate->id}/placement", ['to' => 'first', 'version' => 1])->assertSessionHas('error');
    $this->actingAs($this->head->fresh())->post("/answers/{$gate->id}/versions/1", ['version' => 2]);
    expect($gate->fresh()->rank->code)->toBe('first');
    $this->put("/answers/{$gate->id}/placement", ['to' => 'third', 'version' => 3])->assertSessionHasErrors('to');
});

it('ends a short form that would not come earlier any more, and says so', function (): void {
    $gate = $this->hall->answers()->firstOrFail();
    $ranks = $this->hall->ranks->pluck('id', 'code');
    $gate->updateVersion(
        1,
        ['rank_id' => $ranks['second'], 'short_rank_id' => $ranks['first'], 'short_beats' => 1],
        $this->head,
    );
    $this->actingAs($head = $this->head->fresh())
        ->get("/answers/{$gate->id}/placement?to=first")
        ->assertSee('It would lose its short form');
    $this->put("/answers/{$gate->id}/placement", ['to' => 'first', 'version' => 2])->assertRedirect('/wall');
    expect($gate->fresh()->only('short_rank_id', 'short_beats'))->toBe([
        'short_rank_id' => null,
        'short_beats' => null,
    ]);
});

it('lists by rank what begins in each, holes first', function (): void {
    $picture = WallFixture::wallAt($this->hall, '')->picture;
    $listed = array_map(
        fn (array $course): array => [
            $course['name'],
            array_map(
                fn (Stone $stone): string => "{$stone->label->number} {$stone->label->title} {$stone->state->value}",
                $course['rows'],
            ),
        ],
        $picture->byRank(),
    );

    // The heaviest hole is the hug of the second rank; a gap above the course that needs it is not told again.
    expect($listed)->toBe([
        ['Second', ['1 Hug from behind hole first']],
        ['First', ['2 Wrist held across, mirrored hole first', ' Wrist held across, as written laid']],
    ]);
    $this->get('/wall')->assertSee('The wall by rank')->assertSee('First,')->assertSee('still missing above');
});

it('stands the share that works below families whose attacks have no room for names', function (): void {
    $wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    foreach (range(1, 149) as $number) {
        $wrist
            ->replicate()
            ->fill(['code' => "wrist-{$number}", 'title' => "Wrist {$number}"])
            ->save();
    }
    $wall = WallFixture::wallAt($this->hall->refresh(), '');

    // All 150 are held alike, so that the one answer meets each of them on one side of two that weigh the same; the hug
    // is not met.
    expect($wall->page->isPart())->toBeFalse()
        ->and($wall->picture->isNamed)->toBeFalse()
        ->and(array_column($wall->picture->families, 'share', 'id'))->toBe(['grab' => '50 %', 'hug' => '0 %'])
        ->and($wall->coverage->coveredIn(StoneDrill\Core\Attack\Family::Grab, 'first'))->toEqualWithDelta(0.5, 1e-9)
        ->and($wall->coverage->coveredIn(StoneDrill\Core\Attack\Family::Hug, 'first'))->toBeNull()
        ->and($wall->coverage->coveredIn(StoneDrill\Core\Attack\Family::Hug, 'second'))->toBe(0.0);
});
