<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use App\Persistence\CatalogueMapper;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Source;
use StoneDrill\Core\Proof\Touched;
use StoneDrill\Core\Rules;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->assistant = $this->person($this->hall, Role::Assistant);
    $this->actingAs($this->assistant);
    $this->ada = $this->hall->students()->firstOrFail();
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->form = [
        'id' => '0b7e1f60-2222-4000-8000-000000000001',
        'student_id' => $this->ada->id,
        'attack_id' => $this->wrist->id,
        'side' => 'mirrored',
        'rung' => 4,
        'outcome' => 'scraped',
        'touched' => 'arm',
        'mistakes' => ['leans back'],
        'answer_id' => '',
    ];
});

it('records a rep in three touches', function (): void {
    $this->get('/record')->assertOk()->assertSee('Ada Plover')->assertSee('no-fall');
    $this->get("/record/{$this->ada->id}")->assertOk()
        ->assertSeeInOrder(['Wrist held across (mirrored)', 'untried', 'Wrist held across', 'building']);
    $this->get("/record/{$this->ada->id}/{$this->wrist->id}/written")->assertOk()
        ->assertSee('Clean')
        ->assertSee('leans back')
        ->assertSee('value="2" checked', false);
    $this->post('/reps', $this->form)->assertRedirect("/record/{$this->ada->id}")
        ->assertSessionHas('correctable', $this->form['id']);

    expect(
        Rep::query()
            ->findOrFail($this->form['id'])
            ->only(
                'student_id',
                'attack_id',
                'side',
                'rung',
                'outcome',
                'touched',
                'mistakes',
                'answer_id',
                'source',
                'recorded_by_id',
                'school_id',
            ),
    )->toBe([
        'student_id' => $this->ada->id,
        'attack_id' => $this->wrist->id,
        'side' => Side::Mirrored,
        'rung' => 4,
        'outcome' => Outcome::Scraped,
        'touched' => Touched::Arm,
        'mistakes' => ['leans back'],
        'answer_id' => null,
        'source' => Source::Seen,
        'recorded_by_id' => $this->assistant->id,
        'school_id' => $this->hall->id,
    ]);
});

it('keeps by which rules the program ran, through a file and back', function (): void {
    $this->post('/reps', $this->form)->assertRedirect();
    $file = app(CatalogueMapper::class)->everything($this->hall);
    [$reps, $again] = [
        array_column($file->reps, null, 'id'),
        (new CatalogueReader())->read((new CatalogueWriter())->write($file, Format::Json), Format::Json)->reps,
    ];

    // Of what the file of the small school brought it is not known.
    expect($reps[$this->form['id']]->details->rules)->toBe(Rules::VERSION)
        ->and($reps['0b7e1f60-0000-4000-8000-000000000001']->details->rules)->toBeNull()
        ->and(array_column($again, null, 'id')[$this->form['id']]->details->rules)->toBe(Rules::VERSION);
});

it('records the same rep once, however often it is sent', function (): void {
    $this->post('/reps', $this->form)->assertRedirect();
    $this->post('/reps', $this->form)->assertSessionHas('status');
    $this->post('/reps', [...$this->form, 'id' => strtoupper($this->form['id'])])->assertSessionHas('status');

    expect(Rep::query()->where('id', $this->form['id'])->pluck('outcome')->all())->toBe([Outcome::Scraped]);
});

it('puts a correction in the place of a rep, and keeps both', function (): void {
    $old = $this->hall->reps()->firstOrFail();
    $this->get("/reps/{$old->id}/correct")->assertOk()
        ->assertSee('Recorded as clean at rung 2')
        ->assertSee($old->id);
    $this->form['side'] = 'written';
    $this->post('/reps', [...$this->form, 'replaces' => $old->id])->assertSessionHasErrors([
        'reason' => 'Say why the rep is corrected. The log keeps it.',
    ]);
    $this->post('/reps', [...$this->form, 'replaces' => $old->id, 'reason' => 'seen from behind'])->assertRedirect();

    expect(Rep::count())->toBe(2)
        ->and(Rep::query()->findOrFail($this->form['id'])->only('replaces'))->toBe(['replaces' => $old->id])
        ->and(Rep::query()->findOrFail($this->form['id'])->at->equalTo($old->at))->toBeTrue();
    $this->get("/people/{$this->ada->id}/log")
        ->assertSee('a correction by ')
        ->assertSee('<s>clean</s> corrected', false);
    $this->get("/reps/{$old->id}/correct")->assertRedirect()
        ->assertSessionHas('error');
    $this->post('/reps', [
        ...$this->form,
        'id' => '0b7e1f60-2222-4000-8000-000000000002',
        'replaces' => $old->id,
        'reason' => 'me too',
    ])->assertSessionHas('error');
    expect(Rep::count())->toBe(2);
});

it('tells of an id that was taken by another content, and keeps what was chosen', function (): void {
    $form = "/record/{$this->ada->id}/{$this->wrist->id}/mirrored";
    $this->post('/reps', $this->form)->assertSessionHas('status');
    // Back in the browser, then another outcome: the page of before still has the id.
    $this->post('/reps', [...$this->form, 'outcome' => 'hit', 'rung' => 5])->assertRedirect($form)
        ->assertSessionMissing('status')
        ->assertSessionHas(
            'error',
            'This rep is in the log already, as scraped at rung 4. What was sent now differs (hit at rung 5) and is not recorded.',
        )
        ->assertSessionHas('correctable', $this->form['id']);

    expect(Rep::query()->where('id', $this->form['id'])->pluck('outcome')->all())->toBe([Outcome::Scraped]);
    $page = (string) $this->get($form)
        ->assertSee('in the log already, as scraped')
        ->assertSee('Correct what was recorded')
        ->assertSee('value="5" checked', false)
        ->assertDontSee($this->form['id'].'"', false)
        ->getContent();
    preg_match('/name="id" value="([0-9a-f-]{36})"/', $page, $id);
    $this->post('/reps', [...$this->form, 'id' => $id[1], 'outcome' => 'hit'])->assertSessionHas('status');
    expect(
        Rep::query()
            ->where('attack_id', $this->wrist->id)
            ->where('side', 'mirrored')
            ->orderBy('outcome')
            ->pluck('outcome')
            ->all(),
    )->toBe([Outcome::Hit, Outcome::Scraped]);
});

it('has another id whenever its form is shown, and lets nobody keep the page', function (): void {
    $ids = array_map(function (): string {
        $answer = $this->get("/record/{$this->ada->id}/{$this->wrist->id}/written")->assertOk();
        expect($answer->headers->get('Cache-Control'))->toContain('no-store');
        preg_match('/name="id" value="([0-9a-f-]{36})"/', (string) $answer->getContent(), $id);

        return $id[1];
    }, range(1, 3));

    expect(array_unique($ids))->toHaveCount(3);
});

it('keeps student, attack and side in a correction', function (string $field, Closure $other): void {
    $old = $this->hall->reps()->firstOrFail();
    $this->post('/reps', [
        ...$this->form,
        'side' => 'written',
        'replaces' => $old->id,
        'reason' => 'why',
        $field => $other($this),
    ])->assertSessionHas(
        'error',
        'A correction keeps the student, the attack and its side. Record another rep instead, and correct this one to “stopped”.',
    );

    expect(Rep::count())->toBe(1);
})->with([
    'side' => ['side', fn (): string => 'mirrored'],
    'attack' => ['attack_id', fn ($test): int => $test->hall->attacks()->where('code', 'hug')->value('id')],
    'student' => [
        'student_id',
        fn ($test): int => $test->hall
            ->students()
            ->create(['code' => 'bo', 'name' => 'Bo', 'rank_id' => $test->ada->rank_id, 'flags' => []])->id,
    ],
]);

it('lets no rep correct itself, in no spelling', function (): void {
    $this->post('/reps', [
        ...$this->form,
        'replaces' => strtoupper($this->form['id']),
        'reason' => 'why',
    ])->assertSessionHasErrors(['replaces' => 'A rep cannot correct itself.']);
});

it('lets one correction win and tells the others, when they come at once', function (): void {
    $old = $this->hall->reps()->firstOrFail();
    $values = fn (int $number): array => [
        ...$this->form,
        'side' => 'written',
        'id' => sprintf('0b7e1f60-4444-4000-8000-%012d', $number),
        'replaces' => $old->id,
        'reason' => 'why',
        'outcome' => ['late', 'hit', 'froze'][$number],
    ];
    $record = new App\Actions\RecordReps($this->hall, $this->assistant);
    $results = array_map(fn (int $number) => $record->record($values($number)), [0, 1, 2]);

    expect(array_column($results, 'stored'))->toBe([true, false, false])
        ->and($results[1]->why)
        ->toBe('This rep has been corrected already, to late at rung 4. Correct that correction instead.')
        ->and($results[2]->other->id)->toBe($results[0]->id);
    // Who was told corrects the correction.
    $this->post('/reps', $values(1))->assertRedirect("/reps/{$results[0]->id}/correct");
    $this->post('/reps', [...$values(1), 'replaces' => $results[0]->id])->assertSessionHas('status');
    expect($this->hall->reps()->standing()->pluck('outcome')->all())->toBe([Outcome::Hit]);
});

it('refuses', function (array $change, string $field): void {
    $this->post('/reps', [...$this->form, ...$change])->assertSessionHasErrors($field);

    expect(Rep::count())->toBe(1);
})->with([
    'an id that is none' => [['id' => 'r1'], 'id'],
    'no outcome' => [['outcome' => ''], 'outcome'],
    'an outcome of our own' => [['outcome' => 'splendid'], 'outcome'],
    'a rung that is none' => [['rung' => 8], 'rung'],
    'a third side' => [['side' => 'inside'], 'side'],
    'touched elsewhere' => [['touched' => 'pride'], 'touched'],
    'mistakes without end' => [['mistakes' => array_fill(0, 21, 'x')], 'mistakes'],
]);

it('knows no side that an attack does not have', function (): void {
    $hug = $this->hall->attacks()->where('code', 'hug')->firstOrFail();

    $this->get("/record/{$this->ada->id}/{$hug->id}/mirrored")->assertNotFound();
    $this->get("/record/{$this->ada->id}/{$hug->id}/sideways")->assertNotFound();
});

it('is guarded by the database itself', function (Closure $write, string $said): void {
    $old = $this->hall->reps()->firstOrFail();

    expect(fn () => DB::transaction(fn () => $write($old, $this)))->toThrow(QueryException::class, $said);
    expect($old->fresh()?->outcome)->toBe(Outcome::Clean);
})->with([
    'no change' => [
        fn (Rep $rep) => DB::table('reps')
            ->where('id', $rep->id)
            ->update(['outcome' => 'hit']),
        'never changed',
    ],
    'no deletion' => [fn (Rep $rep) => DB::table('reps')->where('id', $rep->id)->delete(), 'never changed'],
    'no student of another school' => [
        fn (Rep $rep, $test) => DB::table('reps')->insert([
            ...$rep->getAttributes(),
            'id' => '0b7e1f60-3333-4000-8000-000000000001',
            'student_id' => $test->school('Other Hall')->students()->value('id'),
        ]),
        'foreign key',
    ],
    'no unknown outcome' => [
        fn (Rep $rep) => DB::table('reps')->insert([
            ...$rep->getAttributes(),
            'id' => '0b7e1f60-3333-4000-8000-000000000001',
            'outcome' => 'splendid',
        ]),
        'reps_outcome_check',
    ],
    'no rung beyond the ladder' => [
        fn (Rep $rep) => DB::table('reps')->insert([
            ...$rep->getAttributes(),
            'id' => '0b7e1f60-3333-4000-8000-000000000001',
            'rung' => 9,
        ]),
        'foreign key',
    ],
    'no correction without a reason' => [
        fn (Rep $rep) => DB::table('reps')->insert([
            ...$rep->getAttributes(),
            'id' => '0b7e1f60-3333-4000-8000-000000000001',
            'replaces' => $rep->id,
        ]),
        'A correction says why',
    ],
    'no list of anything but texts' => [
        fn (Rep $rep) => DB::table('reps')->insert([
            ...$rep->getAttributes(),
            'id' => '0b7e1f60-3333-4000-8000-000000000001',
            'mistakes' => '[1]',
        ]),
        'holds a list of texts',
    ],
    'no correction of itself' => [
        fn (Rep $rep) => DB::table('reps')->insert([
            ...$rep->getAttributes(),
            'reason' => 'why',
            'id' => '0b7e1f60-3333-4000-8000-000000000001',
            'replaces' => '0b7e1f60-3333-4000-8000-000000000001',
        ]),
        'reps_figures_check',
    ],
]);

it('loses only the recorder’s name when the recorder goes', function (): void {
    $this->post('/reps', $this->form);
    $this->assistant->delete();

    expect(Rep::query()->findOrFail($this->form['id'])->recorded_by_id)->toBeNull();
});
