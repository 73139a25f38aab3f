<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use Illuminate\Testing\TestResponse;
use StoneDrill\Core\Session\Ages;
use StoneDrill\Core\Session\Expected;
use Tests\Feature\ClassesFixture;

beforeEach(fn () => ClassesFixture::begin($this));

it('gives classes in the catalogue file, and takes them back as they were', function (): void {
    $ada = $this->hall->students()->where('code', 'ada-plover')->value('id');
    $class = ($this->plan)(['ranks' => ['first'], 'ages' => 'under-16', 'named' => [$ada], 'pads' => '3']);
    ($this->change)($class, 'longer', ['block' => 2]);
    $this->put("/classes/{$class->id}/attendance", ['present' => [$this->hall->students()->value('id')]]);
    $head = $this->person($this->hall, Role::Head);
    $file = (string) $this->actingAs($head)->get('/school/export.yaml')->assertOk()->getContent();
    $read = (new StoneDrill\Core\Exchange\CatalogueReader())->read($file, StoneDrill\Core\Exchange\Format::Yaml);
    expect([
        $read->classes[0]->id,
        $read->classes[0]->place,
        $read->classes[0]->expected,
        $read->classes[0]->present,
    ])->toEqual([
        $class->code,
        'Salt Hall',
        new Expected(['first'], Ages::Youth, ['ada-plover']),
        ['ada-plover'],
    ]);

    $importer = app(App\Actions\ImportCatalogue::class);
    // The same again changes nothing; another school gets them all.
    expect($importer->import($read, $this->hall)->sections()['classes'])->toBe([
        'added' => 0,
        'changed' => 0,
        'same' => 1,
    ]);
    $other = App\Models\School::create(['name' => 'Elsewhere', 'doctrine' => 'escape']);
    $reps = new StoneDrill\Core\Exchange\SchoolFile($read->catalogue, $read->students, [], [], $read->classes);
    expect($importer->import($reps, $other)->sections()['classes'])->toBe(['added' => 1, 'changed' => 0, 'same' => 0])
        ->and(app(App\Persistence\CatalogueMapper::class)->everything($other->fresh())->classes)
        ->toEqual($read->classes);
});

it('keeps who attacked and in which class with a rep, through a correction and the open file', function (): void {
    ($this->add)(1);
    $class = ($this->plan)();
    [$ada, $other] = $this->hall->students()->orderBy('id')->get()->all();
    $rep = [
        'id' => '0b7e1f60-7777-4000-8000-000000000001',
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'attacker_id' => $other->id,
        'class_id' => $class->id,
    ];
    $send = fn (array $with): TestResponse => $this->postJson('/mat/reps', [
        'reps' => [[...$rep, ...$with]],
    ])->assertOk();
    $send([])->assertJson(['kept' => [$rep['id']]]);
    $send(['attacker_id' => $ada->id, 'id' => '0b7e1f60-7777-4000-8000-000000000002'])->assertJsonPath(
        'refused.0.why',
        'Nobody attacks themselves. Choose another student.',
    );
    $send(['class_id' => 999_999, 'id' => '0b7e1f60-7777-4000-8000-000000000002'])->assertJsonPath(
        'refused.0.why',
        'The class is not in this school any more.',
    );
    expect($send(['attacker_id' => null])->json('refused.0.why'))->toContain('another attacker');
    $this->post('/reps', [
        'id' => '0b7e1f60-7777-4000-8000-000000000003',
        'student_id' => $ada->id,
        'attack_id' => $rep['attack_id'],
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'hit',
        'replaces' => $rep['id'],
        'reason' => 'late',
    ])->assertSessionHas('status');

    expect(
        $this->hall->reps()->findOrFail('0b7e1f60-7777-4000-8000-000000000003')->only('attacker_id', 'class_id'),
    )->toBe(['attacker_id' => $other->id, 'class_id' => $class->id]);
    $this->get("/people/{$ada->id}/log")->assertSee('attacked by First 1');
    $file = app(CatalogueMapper::class)->everything($this->hall);
    $copy = (new ImportCatalogue())->import($file, $empty = School::create(['name' => 'Copy', 'doctrine' => 'escape']));
    expect($copy->changes())->not->toBe([])
        ->and(app(CatalogueMapper::class)->everything($empty)->reps)->toEqual($file->reps);
    $saved = $this->get('/people/reps.csv')->streamedContent();
    expect($saved)->toContain(",first-1,{$class->code}");
});

it('keeps that an instructor attacked, or nobody, and what corrects it', function (): void {
    ($this->add)(1);
    $this->actingAs($this->instructor);
    [$ada, $other] = $this->hall->students()->orderBy('id')->get()->all();
    $id = static fn (int $number): string => sprintf('0b7e1f60-8888-4000-8000-%012d', $number);
    $rep = [
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
    ];
    $send = fn (int $number, array $more) => $this->postJson('/mat/reps', [
        'reps' => [[...$rep, 'id' => $id($number), ...$more]],
    ])->assertOk();
    $kept = fn (int $number): array => array_values(
        $this->hall->reps()->findOrFail($id($number))->only('attacker_id', 'attacked_by'),
    );
    $send(1, ['attacked_by' => 'instructor'])->assertJsonPath('kept', [$id(1)]);
    $send(1, ['attacked_by' => 'instructor'])->assertJsonPath('kept', [$id(1)]);
    expect($kept(1))->toBe([null, StoneDrill\Core\Proof\AttackedBy::Instructor])
        ->and($send(1, ['attacked_by' => 'nobody'])->json('refused.0.why'))->toContain('another attacker')
        ->and($send(2, ['attacked_by' => 'bo'])->json('refused.0.field'))->toBe('attacked_by')
        ->and($send(2, ['attacked_by' => 'nobody', 'attacker_id' => $other->id])->json('refused.0.why'))
        ->toBe('A student attacked, or the instructor or nobody. Leave one of them out.');

    // A correction has who it was; or says who, instead.
    $send(3, ['replaces' => $id(1), 'reason' => 'seen again', 'outcome' => 'late']);
    expect($kept(3))->toBe([null, StoneDrill\Core\Proof\AttackedBy::Instructor]);
    $send(4, ['replaces' => $id(3), 'reason' => 'it was Bo', 'attacker_id' => $other->id]);
    expect($kept(4))->toBe([$other->id, null]);
    $send(5, ['replaces' => $id(4), 'reason' => 'it was nobody', 'attacked_by' => 'nobody']);
    expect($kept(5))->toBe([null, StoneDrill\Core\Proof\AttackedBy::Nobody]);
    $this->get("/people/{$ada->id}/log")
        ->assertSee('attacked by the instructor')
        ->assertSee('alone');

    // As a file: out, and in again elsewhere; a line with both is refused.
    $csv = $this->get('/people/reps.csv')->streamedContent();
    expect(array_column(array_map(str_getcsv(...), explode("\n", trim($csv))), 17))->toContain(
        'attacked_by',
        'instructor',
        'nobody',
    );
    $both = App\View\Drill\RepCsv::read(
        "id,student,attack,side,rung,outcome,at,attacker,attacked_by\n"
            ."{$id(9)},{$ada->code},wrist,written,2,clean,2026-12-01T10:00:00Z,{$other->code},nobody\n",
        $this->hall,
    );
    expect($both->refused)->toBe([
        ['line' => 2, 'what' => 'A student attacked, or the instructor or nobody. Leave one of them out.'],
    ]);
});
