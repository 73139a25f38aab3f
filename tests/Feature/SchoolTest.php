<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Attack;
use App\Models\Rep;
use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\Demo;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Storage;
use StoneDrill\Core\Coverage\HoleKind;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Tests\Feature\SchoolFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->actingAs($this->head);
});

it('says on every screen of an empty school what to do first', function (string $path): void {
    $empty = School::create(['name' => 'Empty Hall', 'doctrine' => 'escape']);

    $this->actingAs($this->person($empty, Role::Head))->get($path)->assertOk()->assertSee('first-thing', false);
})->with([
    '/wall', '/wall?form=table', '/attacks', '/attacks/create', '/answers', '/people', '/people/create', '/record',
    '/school',
]);

it('says what comes next once there are ranks', function (): void {
    $empty = School::create(['name' => 'Empty Hall', 'doctrine' => 'escape']);
    $this->actingAs($this->person($empty, Role::Head));
    $this->post('/school/ranks', ['name' => 'Only', 'max_beats' => 4, 'goal_rung' => 2])->assertRedirect('/school');

    $this->get('/wall')->assertSee('No attack yet');
    $this->get('/attacks')->assertSee('No attack yet');
    $this->get('/people')->assertSee('No student yet');
    $this->get('/record')->assertSee('No student yet');
    $this->post('/people', ['name' => 'Bo', 'rank' => $empty->ranks()->value('id')])->assertRedirect();
    $this->get('/people/'.$empty->students()->value('id'))
        ->assertSee('The ladder is empty')
        ->assertSee('No rep is recorded yet');
});

it('keeps ranks in order, renames them, and deletes only what nothing hangs on', function (): void {
    $this->post('/school/ranks', ['name' => 'Third', 'max_beats' => 7, 'goal_rung' => 5]);
    [$first, , $third] = $this->hall->ranks()->get()->all();
    $this->put("/school/ranks/{$third->id}", ['name' => 'Top', 'max_beats' => 8, 'goal_rung' => 6]);
    expect($this->hall->ranks()->pluck('name')->all())->toBe(['First', 'Second', 'Top']);

    $this->delete("/school/ranks/{$first->id}")->assertSessionHas('error');
    $this->delete("/school/ranks/{$third->id}")->assertSessionHas('status');
    expect($this->hall->ranks()->pluck('name')->all())->toBe(['First', 'Second']);
    $this->post('/school/ranks', ['name' => '', 'max_beats' => 0, 'goal_rung' => 99])->assertSessionHasErrors([
        'name',
        'max_beats',
        'goal_rung',
    ]);
});

it('adds and changes students', function (): void {
    $rank = $this->hall->ranks()->value('id');
    $this->post('/people', [
        'name' => 'Bo Heron',
        'rank' => $rank,
        'height' => '1.82',
        'born' => '2012-03-04',
        'flags' => ['no-neck'],
    ])->assertRedirect();
    $student = Student::query()->where('code', 'bo-heron')->firstOrFail();
    expect($student->only('height', 'flags'))->toBe(['height' => 1.82, 'flags' => ['no-neck']]);

    $this->get("/people/{$student->id}/edit")->assertSee('value="1.82"', false);
    $this->put("/people/{$student->id}", [
        'name' => 'Bo Heron',
        'rank' => $rank,
        'height' => '',
        'born' => '',
        'flags' => [],
    ])->assertRedirect("/people/{$student->id}");
    expect($student->fresh()?->only('height', 'born', 'flags'))->toBe([
        'height' => null,
        'born' => null,
        'flags' => [],
    ]);
    $this->from('/people/create')
        ->post('/people', [
            'name' => '',
            'rank' => $rank,
            'height' => '17',
            'born' => 'yesterday',
            'flags' => ['no-way'],
        ])
        ->assertSessionHasErrors(['name', 'height', 'born', 'flags.0'])
        ->assertSessionHasInput('height', '17');
});

it('asks a student under 16 only for what the youth needs', function (): void {
    $second = $this->hall->ranks()->skip(1)->firstOrFail();
    $old = $this->hall
        ->students()
        ->create(['code' => 'old', 'name' => 'Old', 'rank_id' => $second->id, 'born' => '1990-01-01', 'flags' => []]);
    $young = $this->hall
        ->students()
        ->create([
            'code' => 'young',
            'name' => 'Young',
            'rank_id' => $second->id,
            'born' => now()->subYears(12),
            'flags' => [],
        ]);

    $this->get("/people/{$old->id}")->assertSee('Hug from behind');
    $this->get("/people/{$young->id}")
        ->assertDontSee('Hug from behind')
        ->assertSee('Wrist held across');
});

it('draws the wall, says it as a table, and lists the holes in both', function (): void {
    $this->get('/wall')->assertOk()
        ->assertSee('Wrist held across, mirrored at First: a hole')
        ->assertSee('Answered by “Gate”, first at First')
        ->assertSee('2 holes')
        ->assertSee('teach both sides of “Gate”');
    $this->get('/wall?form=table')->assertOk()
        ->assertSeeInOrder(['Wrist held across', 'as written', 'First', 'Gate', 'mirrored', 'none'])
        ->assertSee('2 holes');
    $this->actingAs($this->person($this->hall, Role::Assistant))
        ->get('/wall')
        ->assertOk()
        ->assertDontSee('write an answer');
});

it('shows what a file would do, does nothing, then does it', function (): void {
    Storage::fake();
    $response = $this->post('/school/import', [
        'file' => SchoolFixture::catalogueFile([
            'Wrist held across' => 'Wrist taken across',
            'id: ada-plover, name: Ada Plover' => 'id: cy-plover, name: Cy Plover',
            'student: ada-plover' => 'student: cy-plover',
            '000000000001' => '000000000009',
        ]),
    ]);
    $response
        ->assertOk()
        ->assertSeeInOrder([
            'Attacks', '0', '1', '1', 'Answers', '0', '0', '1', 'Students', '1', '0', '0', 'Reps', '1', '0', '0',
        ]);
    expect(Attack::query()->where('title', 'Wrist taken across')->exists())->toBeFalse();

    preg_match('#/school/import/(\w{40})#', (string) $response->getContent(), $token);
    $this->post("/school/import/{$token[1]}")->assertRedirect("/school/import/{$token[1]}");
    $this->get("/school/import/{$token[1]}")->assertRedirect('/wall');
    expect($this->hall->attacks()->pluck('title')->all())->toContain('Wrist taken across')
        ->and($this->hall->students()->count())->toBe(2)
        ->and($this->hall->reps()->count())->toBe(2);
    $this->post("/school/import/{$token[1]}")->assertRedirect('/school')
        ->assertSessionHas('error');
});

it('tells which keys of an older file it reads under another name', function (): void {
    Storage::fake();
    $this->post('/school/import', ['file' => SchoolFixture::catalogueFile(['mistakes: [' => 'faults: ['])])->assertOk()
        ->assertSee('“faults” is called “mistakes” now. It was read as that; a new export writes the new name.');
});

it('adds nothing when the same file comes twice', function (): void {
    $report = app(ImportCatalogue::class)->import(
        (new CatalogueReader())->read(
            (string) file_get_contents(dirname(__DIR__).'/fixtures/small.yaml'),
            Format::Yaml,
        ),
        $this->hall,
    );

    foreach ($report->sections() as $section => $counts) {
        expect([$counts['added'], $counts['changed']])->toBe([0, 0], $section);
    }
    expect(Rep::count())->toBe(1)
        ->and($this->hall->attacks()->firstOrFail()->version)->toBe(1);
});

it('brings the reps of one file into two schools', function (): void {
    $other = School::create(['name' => 'Other Hall', 'doctrine' => 'escape']);
    app(ImportCatalogue::class)->import(
        (new CatalogueReader())->read(
            (string) file_get_contents(dirname(__DIR__).'/fixtures/small.yaml'),
            Format::Yaml,
        ),
        $other,
    );

    expect($other->reps()->pluck('id')->all())->toBe($this->hall->reps()->pluck('id')->all())
        ->and(Rep::count())->toBe(2);
});

it('says of a file that cannot be read what is wrong and where', function (): void {
    $this->post('/school/import', [
        'file' => SchoolFixture::catalogueFile(['hand: right' => 'hand: both', 'strip' => 'stripp']),
    ])
        ->assertOk()
        ->assertSee('Nothing was imported')
        ->assertSee('/attacks/0/hand')
        ->assertSee('with wrist-cross: left, right')
        ->assertSee('/answers/0/beats')
        ->assertSee('line 1')
        ->assertSee('strip</strong>', false);
    $this->post('/school/import', ['file' => SchoolFixture::catalogueFile(name: 'small.exe')])->assertSessionHasErrors(
        'file',
    );
    $this->post('/school/import', [])->assertSessionHasErrors('file');
});

it('brings nothing at all when one row cannot be stored', function (): void {
    $catalogue = (new CatalogueReader())->read(
        strtr((string) file_get_contents(dirname(__DIR__).'/fixtures/small.yaml'), [
            'Wrist held across' => 'Wrist taken across',
        ]),
        Format::Yaml,
    );
    $this->hall->rungs()->where('number', 7)->delete();
    DB::unprepared("alter table students add constraint no_ada check (name <> 'Ada Plover') not valid");
    $this->hall->students()->toBase()->exists();
    $other = School::create(['name' => 'Third Hall', 'doctrine' => 'escape']);

    expect(fn () => app(ImportCatalogue::class)->import($catalogue, $other))->toThrow(
        Illuminate\Database\QueryException::class,
    );
    expect($other->attacks()->count())->toBe(0)
        ->and($other->ranks()->count())->toBe(0);
});

it('writes a file that reads back as what the school holds', function (string $format): void {
    $text = (string) $this->get("/school/export.{$format}")
        ->assertOk()
        ->assertDownload("small-hall.{$format}")
        ->getContent();
    $again = (new CatalogueReader())->read($text, Format::from($format));

    expect($again)->toEqual(app(CatalogueMapper::class)->everything($this->hall->fresh()))
        ->and($again->catalogue->attacks)
        ->toEqual(
            (new CatalogueReader())->read(
                (string) file_get_contents(dirname(__DIR__).'/fixtures/small.yaml'),
                Format::Yaml,
            )->catalogue->attacks,
        );
})->with(['yaml', 'json']);

it('loads a demo whose dates move with today', function (): void {
    app(Demo::class)->load($today = CarbonImmutable::parse('2031-03-05 09:00', 'UTC'));
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $last = CarbonImmutable::parse($school->reps()->max('at'));

    expect($last->lessThan($today))->toBeTrue()
        ->and($last->greaterThan($today->subDays(8)))->toBeTrue()
        ->and($school->students()->where('born', '>', $today->subYears(16))->count())->toBe(5)
        ->and(School::query()->where('name', 'Lantern Pier')->firstOrFail()->attacks()->count())->toBe(0);
    $this->actingAs($school->users()->where('role', Role::Head)->firstOrFail())
        ->get('/wall')
        ->assertOk()
        ->assertSee('29 holes');
});

it('weighs holes as the school says, and keeps only what is not usual', function (): void {
    $school = $this->school();
    $factors = array_map(fn (HoleKind $kind): float => $kind->factor(), array_column(HoleKind::cases(), null, 'value'));
    $this->actingAs($head = $this->person($school, Role::Head))
        ->get('/wall')
        ->assertSee('weight 1.20');
    $this->put('/school/settings/weights', ['share' => '70', 'factors' => [...$factors, 'one-sided' => '1.5']])
        ->assertRedirect()
        ->assertSessionHas('status');

    expect($school->fresh()->only('share', 'hole_factors'))->toBe([
        'share' => 0.7,
        'hole_factors' => ['one-sided' => 1.5],
    ]);
    // Prevalence 4 on two sides × 1.5, before the hug's 2.
    $this->actingAs($head->fresh())->get('/wall')->assertSee('weight 3.00');
    $this->get('/school/settings')->assertSee('value="1.5"', false)->assertSee('value="70"', false);
});

it('refuses weights that mean nothing, and keeps what was typed', function (array $changed, string $field): void {
    $school = $this->school();
    $factors = array_map(fn (HoleKind $kind): float => $kind->factor(), array_column(HoleKind::cases(), null, 'value'));
    $this->actingAs($this->person($school, Role::Head))
        ->from('/school')
        ->put('/school/settings/weights', ['share' => '80', 'factors' => $factors, ...$changed])
        ->assertSessionHasErrors($field);
    expect($school->fresh()->hole_factors)->toBe([]);
})->with([
    'a share of nothing' => [['share' => '0'], 'share'],
    'no factors' => [['factors' => 'x'], 'factors'],
    'one that is missing' => [['factors' => ['open' => 1]], 'factors.barred'],
    'one below nothing' => [['factors' => ['open' => -1]], 'factors.open'],
    'a kind of none' => [['factors' => ['zebra' => 1]], 'factors'],
]);

it('changes a rung, and nothing that was recorded at it', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Head));
    $rung = $school->rungs()->where('number', 2)->firstOrFail();
    $rep = Rep::query()->firstOrFail()->getAttributes();
    $this->put("/school/rungs/{$rung->id}", [
        'name' => 'Still',
        'pace' => '0.6',
        'resistance' => '1',
        'moment_told' => '1',
        'stressors' => 'noise, dim light , noise',
    ])
        ->assertRedirect()
        ->assertSessionHas('status');

    expect(
        $rung
            ->fresh()
            ->only('number', 'name', 'pace', 'resistance', 'attack_told', 'moment_told', 'follow_ups', 'stressors'),
    )
        ->toBe([
            'number' => 2, 'name' => 'Still', 'pace' => 0.6, 'resistance' => 1, 'attack_told' => false,
            'moment_told' => true, 'follow_ups' => false, 'stressors' => ['noise', 'dim light'],
        ])
        ->and(Rep::query()->firstOrFail()->getAttributes())->toBe($rep);
    $this->put("/school/rungs/{$rung->id}", ['name' => '', 'pace' => '0', 'resistance' => '4'])->assertSessionHasErrors(
        ['name', 'pace', 'resistance'],
    );
});

it('adds rungs up to twelve, and takes away what nothing points to', function (): void {
    $school = $this->school();
    $this->actingAs($this->person($school, Role::Head));
    $new = ['name' => 'Gale', 'pace' => '1', 'resistance' => '3'];
    foreach (range(8, 12) as $number) {
        $this->post('/school/rungs', $new)->assertSessionHas('status', "“Gale” is now rung {$number}.");
    }
    $this->post('/school/rungs', $new)->assertSessionHas('error', 'A ladder has at most 12 rungs. Delete one first.');
    $this->delete('/school/rungs/'.$school->rungs()->where('number', 12)->value('id'))->assertSessionHas('status');
    $this->delete('/school/rungs/'.$school->rungs()->where('number', 2)->value('id'))->assertSessionHas(
        'error',
        'Rung 2 cannot be deleted: reps were recorded at it, or it is the goal of a rank.',
    );
    expect($school->rungs()->count())->toBe(11);
});
