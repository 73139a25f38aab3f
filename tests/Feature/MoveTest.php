<?php

declare(strict_types=1);

use App\Models\Role;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($writer = $this->person($this->hall, Role::Head));
    $this->anew = fn () => $this->actingAs($writer->fresh());
    $this->gate = $this->hall->answers()->firstOrFail();
    $this->mirror = ['kind' => 'one-sided', 'attack' => 'wrist', 'side' => 'mirrored', 'move' => 'mirror'];
});

it('first shows what is not laid, then everything that is worked out', function (): void {
    $this->get('/wall')->assertOk()
        ->assertSee('2 holes')
        ->assertSee('Running every answer where it is used')
        ->assertSee('hx-trigger="load"', false);
    $this->get('/wall/holes')->assertOk()
        ->assertSee('2 holes')
        ->assertSee('combinations not catalogued')
        ->assertSee('teach both sides of “Gate”');

    // Once worked out it is there at once; after a change it is worked out anew.
    ($this->anew)()->get('/wall')->assertSee('weak spots')->assertDontSee('Running every answer');
    $this->gate->update(['beats' => "left hand strip toward thumb\n"]);
    ($this->anew)()->get('/wall')->assertSee('Running every answer');
    ($this->anew)()->get('/wall/holes')->assertSee('no way out')->assertSee('ends where the attacker still reaches');
});

it('shows what a move would change, makes it, and takes it back', function (): void {
    // By First 50 % is laid, one of two sides; both after.
    $this->get("/answers/{$this->gate->id}/moves/create?".http_build_query($this->mirror))->assertOk()
        ->assertSee('Both sides will be taught.')
        ->assertSee('50 %')
        ->assertSeeInOrder(['50 %', '→ 100 %'])
        ->assertSee('Closes 1');
    $this->post("/answers/{$this->gate->id}/moves", [...$this->mirror, 'version' => 1])->assertRedirect('/wall');
    expect($this->gate->fresh()->mirrored)->toBeTrue();

    ($this->anew)()->get('/wall')->assertSee('1 hole')->assertSee('Undo');
    $this->post("/answers/{$this->gate->id}/versions/1", ['version' => 2])->assertRedirect();
    expect($this->gate->fresh()->mirrored)->toBeFalse();
});

it('widens what an answer is for', function (): void {
    $widen = [...$this->mirror, 'move' => 'widen'];
    $this->get("/answers/{$this->gate->id}/moves/create?".http_build_query($widen))->assertSee(
        'It will also answer hand left.',
    );
    $this->post("/answers/{$this->gate->id}/moves", [...$widen, 'version' => 1])->assertRedirect('/wall');

    expect($this->gate->fresh()->pattern)->toBe(['hand' => ['right', 'left']]);
    ($this->anew)()->get('/wall')->assertSee('1 hole');
});

it('names the kind that an answer is widened to', function (): void {
    $this->hall
        ->attacks()
        ->firstWhere('code', 'wrist')
        ->replicate()
        ->fill(['code' => 'sleeve', 'title' => 'Sleeve', 'kind' => 'sleeve'])
        ->save();
    $widen = ['kind' => 'open', 'attack' => 'sleeve', 'side' => 'written', 'move' => 'widen'];

    $this->get("/answers/{$this->gate->id}/moves/create?".http_build_query($widen))->assertOk()
        ->assertSee('It will also answer kind Sleeve hold.');
});

it('makes no move that is not offered, nor over what somebody saved meanwhile', function (): void {
    $this->post("/answers/{$this->gate->id}/moves", [
        ...$this->mirror,
        'move' => 'earlier',
        'version' => 1,
    ])->assertNotFound();
    $this->post("/answers/{$this->gate->id}/moves", [
        ...$this->mirror,
        'attack' => ['x'],
        'version' => 1,
    ])->assertSessionHasErrors('attack');
    $this->post("/answers/{$this->gate->id}/moves", [...$this->mirror, 'version' => 7])->assertRedirect('/wall')
        ->assertSessionHas('error');
    $other = $this->school('Other Hall');
    $this->post("/answers/{$other->answers()->value('id')}/moves", [
        ...$this->mirror,
        'version' => 1,
    ])->assertNotFound();

    expect($this->gate->fresh()->mirrored)->toBeFalse()
        ->and($other->answers()->value('mirrored'))->toBeFalse();
});
