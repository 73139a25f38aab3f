<?php

declare(strict_types=1);

use App\Actions\EraseStudent;
use App\Models\Role;
use App\Models\Solo;
use App\Models\SoloKind;
use App\Models\SoloMark;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\View\Accounts\PersonalData;
use Carbon\CarbonImmutable;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->actingAs($this->head);
    $this->ada = $this->hall->students()->firstOrFail();
    $this->first = $this->hall->ranks()->where('code', 'first')->firstOrFail();
    $this->basic = fn (array $with = []) => $this->post('/basics', [
        'name' => 'Heel of the hand',
        'kind' => 'strike',
        'word' => 'palm',
        'rank' => $this->first->id,
        'side' => 'both',
        'surface' => 'the heel',
        'points' => "Hand up\n\n Hip behind it ",
        'mistakes' => 'Fingers lead',
        ...$with,
    ]);
    $this->form = fn (array $with = []) => $this->post('/basics', [
        'name' => 'Once round',
        'kind' => 'form',
        'rank' => $this->first->id,
        'beats' => "LF step 9   # !Out\npivot 6",
        ...$with,
    ]);
    $this->solo = fn (): Solo => $this->hall->solos()->latest('id')->firstOrFail();
    $this->feet = [
        'left_right' => '-16.8', 'left_ahead' => '33.6', 'right_right' => '16.8', 'right_ahead' => '-33.6',
        'right_turned' => '45', 'weight' => '60',
    ];
});

it('keeps a basic, and shows how it is done and where it is used', function (): void {
    $this->get('/basics')->assertOk()->assertSee('No basics and no forms yet');
    ($this->basic)($this->feet)->assertSessionHasNoErrors()->assertRedirect();
    $solo = ($this->solo)();

    // For 1.68 m: 33.6 and 67.2 cm are .2 and .4 of the stature; the feet are √(33.6² + 67.2²) = 75.1 cm apart, at atan
    // 2 = 63°.
    expect($solo->feet)->toEqual(['left' => [-0.1, 0.2, 0.0], 'right' => [0.1, -0.2, 45.0], 'weight' => 60])
        ->and($solo->points)->toBe(['Hand up', 'Hip behind it'])
        ->and($solo->code)->toBe('heel-of-the-hand');
    $this->get("/basics/{$solo->id}")->assertOk()
        ->assertSee('75 cm apart')
        ->assertSee('63°')
        ->assertSee('right foot turned out 45° to the right')
        ->assertSee('weight 60 % left, 40 % right')
        ->assertSee('never marked');
    $this->get('/basics')->assertSee('Heel of the hand')->assertSee('0 of 1');
    $this->get('/basics.pdf')->assertOk()->assertHeader('content-type', 'application/pdf');
});

it('draws a form over the floor and goes through answers', function (): void {
    $answer = $this->hall->answers()->firstOrFail();
    ($this->form)([
        'beats' => "left foot step 9   # !Out\npivot 6\ngo to \"{$answer->title}\" beat 1\ngo to \"Gone\"",
    ])->assertSessionHasNoErrors();
    $solo = ($this->solo)();

    expect($solo->kind)->toBe(SoloKind::Form)->and($solo->beats)->toContain('go to "Gone" beat 1');
    $this->get("/basics/{$solo->id}")->assertOk()
        ->assertSee('The way over the floor')
        ->assertSee('No answer is called Gone')
        ->assertSee('data-cue="Out"', false);
});

it('says what is wrong, and keeps what was typed', function (array $with, string $field): void {
    $this->from('/basics/create')->followingRedirects();
    ($this->basic)($with)->assertOk()->assertSee('the heel');
    $this->from('/basics/create')->followingRedirects = false;
    ($this->basic)($with)->assertSessionHasErrors($field);
    expect($this->hall->solos()->count())->toBe(0);
})->with([
    'no name' => [['name' => ''], 'name'],
    'a kind that is none' => [['kind' => 'throw'], 'kind'],
    'a word that is none' => [['word' => 'say'], 'word'],
    'one foot alone' => [['left_right' => '-10'], 'left_ahead'],
    'a foot far away' => [
        ['left_right' => '-200', 'left_ahead' => '0', 'right_right' => '10', 'right_ahead' => '0'],
        'left_right',
    ],
    'too many points' => [['points' => implode("\n", range(1, 11))], 'points'],
    'a long mistake' => [['mistakes' => str_repeat('x', 201)], 'mistakes'],
    'lists for a name' => [['name' => ['x']], 'name'],
]);

it('says where beats of a form cannot be read', function (string $beats, string $told): void {
    ($this->form)(['beats' => $beats])->assertSessionHasErrors('beats');
    expect(session('errors')->first('beats'))->toContain($told);
})->with([
    ["pivot 6\nright palm chin -> rocked", 'Line 2, column 1'],
    ['right plam chin', 'Did you mean “palm”?'],
    ['go behind left', 'nobody is there'],
    [' ', 'Beats is missing'],
]);

it('tells when somebody else saved in between', function (): void {
    ($this->basic)();
    $solo = ($this->solo)();
    $solo->updateVersion(1, ['surface' => 'other'], $this->head);
    $this->put("/basics/{$solo->id}", [
        'name' => 'New',
        'kind' => 'strike',
        'rank' => $this->first->id,
        'side' => 'left',
        'version' => 1,
    ])->assertRedirect("/basics/{$solo->id}/edit");
    $this->get("/basics/{$solo->id}/edit")->assertSee('New');
    $this->put("/basics/{$solo->id}", [
        'name' => 'New',
        'kind' => 'kick',
        'rank' => $this->first->id,
        'side' => 'left',
        'version' => 2,
    ])->assertRedirect("/basics/{$solo->id}");
    expect([$solo->fresh()->name, $solo->fresh()->kind])->toBe(['New', SoloKind::Kick]);
    $this->delete("/basics/{$solo->id}")->assertRedirect('/basics');
    expect($this->hall->solos()->count())->toBe(0);
});

it('marks many at once and one with what was seen; a sound mark fades', function (): void {
    ($this->basic)();
    $solo = ($this->solo)();
    $this->post("/basics/{$solo->id}/marks", [
        'marks' => [$this->ada->id => 'rough', 999999 => 'sound'],
    ])->assertSessionHas('status');
    expect(SoloMark::query()->pluck('mark')->map->value->all())->toBe(['rough']);
    $this->travel(1)->minutes();
    $this->post("/basics/{$solo->id}/students/{$this->ada->id}", [
        'mark' => 'sound',
        'mistakes' => ['Fingers lead', 'no such'],
    ])->assertSessionHasNoErrors();
    expect(SoloMark::query()->latest('id')->first()->mistakes)->toBe(['Fingers lead']);
    // 60 days from 4 December.
    $this->get("/basics/{$solo->id}")->assertSee('sound since 4 Dec 2026, fades on 2 Feb 2027');
    $this->get('/basics')->assertSee('1 of 1');
    $this->get("/people/{$this->ada->id}")
        ->assertSee('Heel of the hand')
        ->assertSee('fades on 2 Feb 2027');
    $this->travel(61)->days();
    $this->get("/basics/{$solo->id}")->assertSee('faded since 4 Dec 2026');
    $this->get('/basics')->assertSee('0 of 1, 1 faded');
    $this->get($page = "/basics/{$solo->id}/students/{$this->ada->id}")
        ->assertSee('Fingers lead')
        ->assertSee('Take back');
    $this->delete("{$page}/".SoloMark::query()->latest('id')->value('id'))->assertSessionHas(
        'status',
        'The mark is taken back.',
    );
    $this->get("/basics/{$solo->id}")->assertSee('rough since 4 Dec 2026');
});

it('marks a form by its beats: the least counts', function (): void {
    ($this->form)();
    $solo = ($this->solo)();
    $this->post("/basics/{$solo->id}/students/{$this->ada->id}", [
        'mark' => 'sound',
        'beats' => [1 => 'sound', 2 => 'rough'],
    ]);

    expect([SoloMark::query()->first()->mark->value, SoloMark::query()->first()->beats])->toBe([
        'rough',
        ['2' => 'rough'],
    ]);
});

it('takes what is due into the basics of a class and onto the sheet for home', function (): void {
    ($this->basic)(['name' => 'Long base', 'kind' => 'stance', 'word' => '', 'points' => 'A long step ahead']);
    $class = $this->hall->classes()->create(['at' => CarbonImmutable::now()->addHour(), 'minutes' => 60]);
    $solo = ($this->solo)();

    $this->get("/classes/{$class->id}")
        ->assertSee('Long base')
        ->assertSee('“Long base” is to be marked for 1 student');
    $this->get("/people/{$this->ada->id}/home")->assertSee('A long step ahead');
    $this->get("/people/{$this->ada->id}/home.pdf")->assertOk();
    $this->get("/people/{$this->ada->id}/own")
        ->assertSee('Long base')
        ->assertSee('never marked');
    $solo
        ->marks()
        ->create([
            'school_id' => $this->hall->id,
            'student_id' => $this->ada->id,
            'mark' => 'sound',
            'at' => CarbonImmutable::now()->subWeek(),
        ]);
    $this->get("/classes/{$class->id}")->assertDontSee('is to be marked');
    $this->get("/people/{$this->ada->id}/home")->assertDontSee('A long step ahead');
});

it('asks for them in a test, and passes nobody who is not there yet', function (): void {
    ($this->basic)();
    $solo = ($this->solo)();
    $this->hall->attacks()->update(['needed_by_id' => null]);
    $second = $this->person($this->hall, Role::Assistant);
    $this->post('/tests', [
        'rank' => $this->first->id,
        'at' => '2026-12-04T10:00',
        'items' => 'list',
        'candidates' => [$this->ada->id],
    ])->assertSessionHasNoErrors();
    $test = $this->hall->tests()->firstOrFail();
    $page = "/tests/{$test->id}/{$this->ada->id}";
    $mark = fn (string $mark, array $with = []): array => [
        'marks' => [['solo' => $solo->id, 'student' => $this->ada->id, 'attempt' => 1, 'mark' => $mark, ...$with]],
    ];
    $result = fn (): ?string => $test->candidates()->first()->getRelation('pivot')->getAttribute('result');

    $this->get("/tests/{$test->id}")
        ->assertSee('Heel of the hand')
        ->assertSee('1 item');
    $this->get("/tests/{$test->id}/sheet.pdf")->assertOk();
    $this->put("{$page}/marks", $mark('sound'))->assertSessionHasNoErrors();
    // Another examiner saw less, on the mat and twice: the lower mark stands, once.
    $this->actingAs($second)
        ->putJson("/mat/tests/{$test->id}/marks", $mark('not-yet', ['at' => '2026-12-04T10:30:00Z']))
        ->assertOk()
        ->assertJson(['kept' => 1]);
    $this->putJson("/mat/tests/{$test->id}/marks", $mark('not-yet', ['at' => '2026-12-04T10:30:00Z']))->assertOk();
    expect($test->soloMarks()->count())->toBe(2);
    $this->actingAs($this->head)->get($page)->assertSee('Assistant: Not yet')->assertSee('1 item to show again');
    $this->post("{$page}/decision");
    expect($result())->toBe('retest');
    $this->actingAs($second)
        ->putJson("/mat/tests/{$test->id}/marks", $mark('rough'))
        ->assertOk();
    $this->actingAs($this->head)->post("{$page}/decision");
    expect($result())->toBe('passed');
    // Once it is decided nothing is marked any more.
    $this->put("{$page}/marks", $mark('not-yet'));
    expect($test->soloMarks()->pluck('mark')->map->value->sort()->values()->all())->toBe(['rough', 'sound']);
    $this->putJson("/mat/tests/{$test->id}/marks", [
        'marks' => [['solo' => 999999, 'student' => $this->ada->id, 'attempt' => 1, 'mark' => 'sound']],
    ])->assertUnprocessable();
});

it('goes into the file and comes back', function (): void {
    ($this->basic)($this->feet);
    ($this->form)();
    $solo = ($this->solo)();
    $this->post("/basics/{$solo->id}/students/{$this->ada->id}", ['mark' => 'sound', 'beats' => [2 => 'rough']]);
    $file = app(CatalogueMapper::class)->everything($this->hall->fresh());
    $text = (new CatalogueWriter())->write($file, Format::Yaml);

    expect($text)->toContain('heel-of-the-hand')->toContain('!Out');
    $read = (new CatalogueReader())->read($text, Format::Yaml);
    $other = $this->school('Other Hall');
    app(App\Actions\ImportCatalogue::class)->import($read, $other);
    $again = app(App\Actions\ImportCatalogue::class)->import($read, $other);
    $there = app(CatalogueMapper::class)->everything($other->fresh());
    expect([$there->basics, $there->forms, $there->marks])->toEqual([$file->basics, $file->forms, $file->marks])
        ->and($again->sections()['marks'])->toBe(['added' => 0, 'changed' => 0, 'same' => 1])
        ->and($again->sections()['basics'])->toBe(['added' => 0, 'changed' => 0, 'same' => 1]);
});

it('tells a student what is kept, and forgets it with them', function (): void {
    ($this->basic)();
    $solo = ($this->solo)();
    $this->post("/basics/{$solo->id}/marks", ['marks' => [$this->ada->id => 'rough']]);

    expect((new PersonalData($this->ada))->document()['marks'][0])->toMatchArray([
        'of' => 'Heel of the hand',
        'mark' => 'rough',
    ]);
    $this->get("/people/{$this->ada->id}/data")->assertSee('Marks of basics and forms');
    app(EraseStudent::class)->erase($this->ada);
    expect(SoloMark::query()->count())->toBe(0)
        ->and(Student::query()->find($this->ada->id)->erased_at)->not->toBeNull();
});

it('shows nothing of another school', function (): void {
    ($this->basic)();
    $solo = ($this->solo)();
    $other = $this->school('Other Hall');
    $this->actingAs($this->person($other, Role::Head));
    foreach (
        ["/basics/{$solo->id}", "/basics/{$solo->id}/edit", "/basics/{$solo->id}/students/{$this->ada->id}"] as $page
    ) {
        $this->get($page)->assertNotFound();
    }
    $this->post("/basics/{$solo->id}/marks", ['marks' => []])->assertNotFound();
    $this->get('/basics')->assertDontSee('Heel of the hand');
});

it('gives a new school what a starter brings, at its ranks', function (): void {
    $this->post('/school/starters/leave-at-once')->assertRedirect();

    expect($this->hall->forms()->pluck('name')->all())->toBe(['Once round'])
        ->and($this->hall->basics()->count())->toBe(5)
        ->and(
            $this->hall
                ->basics()
                ->with('rank')
                ->get()
                ->map(fn (Solo $solo): string => $solo->rank->school->name)
                ->unique()
                ->all(),
        )
        ->toBe(['Small Hall']);
    $this->get('/school/starters/leave-at-once')->assertSee('no basics or forms');
});

it('notes what was practised alone at home, once a press, and takes it along', function (): void {
    ($this->basic)(['name' => 'Side step'])->assertSessionHasNoErrors();
    ($this->basic)()->assertSessionHasNoErrors();
    [$other, $solo] = [
        $this->hall->solos()->where('name', 'Side step')->firstOrFail(),
        $this->hall->solos()->where('name', 'Heel of the hand')->firstOrFail(),
    ];
    $student = $this->person($this->hall, Role::Student);
    $home = "/people/{$this->ada->id}/home";
    $press = ['id' => '0b7e1f60-7777-4000-8000-000000000001', 'solo' => (string) $solo->id];
    $this->actingAs($student)->get($home)->assertOk()->assertSee('Heel of the hand')->assertDontSee('× this week');
    $this->post($home, $press)->assertRedirect($home)
        ->assertSessionHas('status', '“Heel of the hand” is noted. It proves nothing.');
    $this->post($home, $press)->assertRedirect($home);
    $this->post($home, [...$press, 'id' => '0b7e1f60-7777-4000-8000-000000000002'])->assertRedirect($home);
    // A press that another one was already noted for, of another basic: nothing is noted, and nothing breaks.
    $this->post($home, [...$press, 'solo' => (string) $other->id])->assertRedirect($home);
    $this->post($home, ['id' => '0b7e1f60-7777-4000-8000-000000000003', 'solo' => '999999'])->assertSessionHas(
        'error',
        __('home.gone'),
    );
    $this->get($home)->assertSee('2 × this week');
    // What was practised proves nothing: it is due as before.
    expect($this->ada->soloMarks()->count())->toBe(0)
        ->and($this->ada->practices()->count())->toBe(2);

    $this->actingAs($this->head)
        ->get("/basics/{$solo->id}/students/{$this->ada->id}")
        ->assertOk()
        ->assertSee('Practised at home 2 times in the last 4 weeks, by their own word.');
    $file = app(CatalogueMapper::class)->everything($this->hall);
    $read = (new CatalogueReader())->read((new CatalogueWriter())->write($file, Format::Json), Format::Json);
    $copy = App\Models\School::create(['name' => 'Copy', 'doctrine' => 'escape']);
    app(App\Actions\ImportCatalogue::class)->import($read, $copy);
    expect(app(App\Actions\ImportCatalogue::class)->import($read, $copy)->sections()['practised'])
        ->toBe(['added' => 0, 'changed' => 0, 'same' => 2])
        ->and((new PersonalData($this->ada))->document()['practised'])->toHaveCount(2);
    app(EraseStudent::class)->erase($this->ada);
    expect($this->ada->practices()->count())->toBe(0);
});
