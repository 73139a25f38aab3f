<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->assistant = $this->person($this->hall, Role::Assistant);
    $this->actingAs($this->assistant);
    $this->ada = $this->hall->students()->firstOrFail();
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->form = ['id' => '0b7e1f60-2222-4000-8000-000000000001', 'student_id' => $this->ada->id, 'attack_id' => $this->wrist->id, 'side' => 'mirrored', 'rung' => 4, 'outcome' => 'scraped', 'touched' => 'arm', 'faults' => ['leans back'], 'answer_id' => ''];
});

it('records a rep in three touches', function (): void {
    $this->get('/record')->assertOk()->assertSee('Ada Plover')->assertSee('no-fall');
    $this->get("/record/{$this->ada->id}")->assertOk()->assertSeeInOrder(['Wrist held across (mirrored)', 'untried', 'Wrist held across', 'building']);
    $this->get("/record/{$this->ada->id}/{$this->wrist->id}/written")->assertOk()->assertSee('Clean')->assertSee('leans back')->assertSee('value="2" checked', false);
    $this->post('/reps', $this->form)->assertRedirect("/record/{$this->ada->id}")->assertSessionHas('correctable', $this->form['id']);

    expect(Rep::query()->findOrFail($this->form['id'])->only('student_id', 'attack_id', 'side', 'rung', 'outcome', 'touched', 'faults', 'answer_id', 'source', 'recorded_by_id', 'school_id'))->toBe([
        'student_id' => $this->ada->id, 'attack_id' => $this->wrist->id, 'side' => 'mirrored', 'rung' => 4, 'outcome' => 'scraped', 'touched' => 'arm', 'faults' => ['leans back'],
        'answer_id' => null, 'source' => 'seen', 'recorded_by_id' => $this->assistant->id, 'school_id' => $this->hall->id,
    ]);
});

it('records the same rep once, however often it is sent', function (): void {
    $this->post('/reps', $this->form)->assertRedirect();
    $this->post('/reps', [...$this->form, 'outcome' => 'hit'])->assertRedirect();

    expect(Rep::query()->where('id', $this->form['id'])->pluck('outcome')->all())->toBe(['scraped']);
});

it('puts a correction in the place of a rep, and keeps both', function (): void {
    $old = $this->hall->reps()->firstOrFail();
    $this->get("/reps/{$old->id}/correct")->assertOk()->assertSee('Recorded as clean at rung 2')->assertSee($old->id);
    $this->post('/reps', [...$this->form, 'replaces' => $old->id])->assertSessionHasErrors(['reason' => 'Say why the rep is corrected; the log keeps it.']);
    $this->post('/reps', [...$this->form, 'replaces' => $old->id, 'reason' => 'seen from behind'])->assertRedirect();

    expect(Rep::count())->toBe(2)
        ->and(Rep::query()->findOrFail($this->form['id'])->only('replaces'))->toBe(['replaces' => $old->id])
        ->and(Rep::query()->findOrFail($this->form['id'])->at->equalTo($old->at))->toBeTrue();
    $this->get("/people/{$this->ada->id}")->assertSee('(a correction: seen from behind, by ')->assertSee('<s>clean</s> corrected', false);
    $this->get("/reps/{$old->id}/correct")->assertRedirect()->assertSessionHas('wrong');
    $this->post('/reps', [...$this->form, 'id' => '0b7e1f60-2222-4000-8000-000000000002', 'replaces' => $old->id, 'reason' => 'me too'])->assertSessionHas('wrong');
    expect(Rep::count())->toBe(2);
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
    'faults without end' => [['faults' => array_fill(0, 21, 'x')], 'faults'],
]);

it('knows no side that an attack does not have', function (): void {
    $hug = $this->hall->attacks()->where('code', 'hug')->firstOrFail();

    $this->get("/record/{$this->ada->id}/{$hug->id}/mirrored")->assertNotFound();
    $this->get("/record/{$this->ada->id}/{$hug->id}/sideways")->assertNotFound();
});

it('is guarded by the database itself', function (Closure $write, string $said): void {
    $old = $this->hall->reps()->firstOrFail();

    expect(fn () => DB::transaction(fn () => $write($old, $this)))->toThrow(QueryException::class, $said);
    expect($old->fresh()?->outcome)->toBe('clean');
})->with([
    'no change' => [fn (Rep $rep) => DB::table('reps')->where('id', $rep->id)->update(['outcome' => 'hit']), 'never changed'],
    'no deletion' => [fn (Rep $rep) => DB::table('reps')->where('id', $rep->id)->delete(), 'never changed'],
    'no student of another school' => [fn (Rep $rep, $test) => DB::table('reps')->insert([...$rep->getAttributes(), 'id' => '0b7e1f60-3333-4000-8000-000000000001', 'student_id' => $test->school('Other Hall')->students()->value('id')]), 'foreign key'],
    'no unknown outcome' => [fn (Rep $rep) => DB::table('reps')->insert([...$rep->getAttributes(), 'id' => '0b7e1f60-3333-4000-8000-000000000001', 'outcome' => 'splendid']), 'reps_outcome_check'],
    'no rung beyond the ladder' => [fn (Rep $rep) => DB::table('reps')->insert([...$rep->getAttributes(), 'id' => '0b7e1f60-3333-4000-8000-000000000001', 'rung' => 9]), 'foreign key'],
    'no correction of itself' => [fn (Rep $rep) => DB::table('reps')->insert([...$rep->getAttributes(), 'id' => '0b7e1f60-3333-4000-8000-000000000001', 'replaces' => '0b7e1f60-3333-4000-8000-000000000001']), 'reps_figures_check'],
]);

it('loses only the recorder’s name when the recorder goes', function (): void {
    $this->post('/reps', $this->form);
    $this->assistant->delete();

    expect(Rep::query()->findOrFail($this->form['id'])->recorded_by_id)->toBeNull();
});
