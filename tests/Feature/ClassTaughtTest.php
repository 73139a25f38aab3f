<?php

declare(strict_types=1);

use App\Actions\RecordReps;
use Illuminate\Testing\TestResponse;
use Tests\Feature\ClassesFixture;

beforeEach(fn () => ClassesFixture::begin($this));

it('shows what was done beside what was planned', function (): void {
    $this->travelTo('2026-12-01 19:30');
    ($this->add)(2);
    $answer = $this->hall->answers()->firstOrFail();
    $answer->update([
        'beats'
            => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
    ]);
    $class = ($this->plan)();
    $done = fn (): TestResponse => $this->get("/classes/{$class->id}/done")->assertOk();
    $done()->assertDontSee('Planned and done');
    [$ada, $one] = $this->hall->students()->orderBy('id')->get()->all();
    $record = fn (string $id, array $with) => (new RecordReps($this->hall, $this->instructor))->record([
        'id' => "0b7e1f60-7777-4000-8000-00000000000{$id}",
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'attacker_id' => $one->id,
        'class_id' => $class->id,
        ...$with,
    ]);
    $record('1', []);
    $record('2', ['outcome' => 'hit']);
    $record('3', ['outcome' => 'late', 'replaces' => '0b7e1f60-7777-4000-8000-000000000002', 'reason' => 'seen again']);
    $page = $done()
        ->assertSee('Planned and done')
        ->assertSee("Nobody was seen to use these yet: {$answer->title}.");

    // Three people: one pair and one who is over, so each of the three gets one in three turns.
    preg_match('/There was time for (\d+) each/', (string) $page->getContent(), $meant);
    $page->assertSeeInOrder(['First 1', '0', $meant[1], '2', 'Ada Plover', '2', (string) ($meant[1] - 2), '0']);
    $this->travelTo('2026-12-01 20:01');
    $done()->assertSee("Nobody was seen to use these, so they go to the next class: {$answer->title}.");
    $record('4', ['answer_id' => $answer->id]);
    $done()->assertDontSee('Nobody was seen to use');
    // The page of a class asks for it from the day before on.
    $asks = fn (): bool => str_contains(
        (string) $this->get("/classes/{$class->id}")->getContent(),
        "/classes/{$class->id}/done\" hx-trigger=\"load\"",
    );
    $this->travelTo('2026-11-30 18:59');
    expect($asks())->toBeFalse();
    $this->travelTo('2026-11-30 19:01');
    expect($asks())->toBeTrue();
});

it('swaps what is taught, and takes the class on again after it was called off', function (): void {
    ($this->add)(2);
    $answer = $this->hall->answers()->firstOrFail();
    $answer->update([
        'beats'
            => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
    ]);
    $class = ($this->plan)(['steps_in' => '1', 'all_sizes' => '1']);
    $swap = fn (string $change, string $code) => $this->put("/classes/{$class->id}/taught", [
        'version' => $class->fresh()->version,
        'change' => $change,
        'answer' => $code,
    ]);
    $page = fn (): TestResponse => $this->get("/classes/{$class->id}")->assertOk();
    $page()
        ->assertSee("Not this time: {$answer->title}")
        ->assertSee('with an instructor')
        ->assertDontSee('as third')
        ->assertSee('Who meets whom tonight');
    $swap('skip', $answer->code)->assertRedirect("/classes/{$class->id}#taught");
    $page()
        ->assertDontSee("Not this time: {$answer->title}")
        ->assertSee("{$answer->title} may be taught again");
    $swap('teach', $answer->code);
    $page()
        ->assertSee("{$answer->title} need not be taught")
        ->assertDontSee('may be taught again');
    $swap('back', $answer->code);
    expect($class->fresh()->only('teach', 'skip', 'all_sizes', 'steps_in'))->toBe([
        'teach' => [],
        'skip' => [],
        'all_sizes' => true,
        'steps_in' => true,
    ]);
    $swap('teach', 'zebra')->assertSessionHasErrors('answer');
    $this->put("/classes/{$class->id}/taught", [
        'version' => 1,
        'change' => 'teach',
        'answer' => $answer->code,
    ])->assertSessionHas('overtaken');

    $this->delete("/classes/{$class->id}");
    $page()->assertSee('This class is called off.')->assertSee('It takes place after all');
    $this->post("/classes/{$class->id}/restore")->assertSessionHas(
        'status',
        'The class takes place after all. Calendars are told.',
    );
    expect($class->fresh()->cancelled_at)->toBeNull();
});

it('puts a basic whose mistakes grow among the basics, with these mistakes', function (): void {
    ($this->add)(1);
    $ada = $this->hall->students()->where('code', 'ada-plover')->firstOrFail();
    $other = $this->hall->answers()->firstOrFail();
    $other->update(['beats' => "right knee groin\nleave 6\n"]);
    $class = ($this->plan)(['at' => now()->addDay()->format('Y-m-d\TH:i')]);
    $record = fn (int $number, int $days) => $this->hall
        ->reps()
        ->create([
            'id' => sprintf('0b7e1f60-5555-4000-8000-%012d', $number),
            'student_id' => $ada->id,
            'attack_id' => $other->attack_id,
            'answer_id' => $other->id,
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'hit',
            'at' => now()->subDays($days),
            'mistakes' => ['leans back'],
            'source' => 'seen',
        ]);
    array_map($record, [1, 2, 3], [60, 61, 62]);
    array_map($record, [4, 5, 6], [5, 6, 7]);
    // Three lately and three before: it does not grow.
    $this->get("/classes/{$class->id}")->assertDontSee('mistakes grow');
    // Six more tries without it: it is rarer than it was.
    $clean = fn (int $number, int $days) => $this->hall
        ->reps()
        ->create([
            'id' => sprintf('0b7e1f60-5555-4000-8000-%012d', $number),
            'student_id' => $ada->id,
            'attack_id' => $other->attack_id,
            'answer_id' => $other->id,
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => now()->subDays($days),
            'mistakes' => [],
            'source' => 'seen',
        ]);
    array_map($clean, range(11, 16), range(50, 55));
    // Before: three in nine tries. Lately: three in four, with the one of before the test.
    $this->get("/classes/{$class->id}")
        ->assertSee('mistakes grow')
        ->assertSee('leans back');
    array_map($clean, range(21, 26), range(3, 8));
    // Now three in ten.
    $this->get("/classes/{$class->id}")->assertDontSee('mistakes grow');
});
