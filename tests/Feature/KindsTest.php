<?php

declare(strict_types=1);

use App\Models\Kind;
use App\Models\Role;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
    $this->kind = [
        'name' => 'Ear held', 'family' => 'grab', 'start' => 'grab', 'attacker_busy' => ['hand'],
        'hands' => ['left', 'right'], 'bearings' => ['11', '12', '1'], 'cautions' => "Never pull.\n\nTap early. ",
    ];
});

it('adds a kind that attacks can be of, and that the file brings along', function (): void {
    $this->get('/school/kinds')->assertOk()->assertSee('No kind of your own');
    $this->post('/school/kinds', $this->kind)->assertRedirect('/school/kinds');
    $kind = Kind::query()->firstOrFail();
    expect($kind->only(['code', 'bearings', 'cautions', 'defender_held']))->toBe([
        'code' => 'ear-held',
        'bearings' => [11, 12, 1],
        'cautions' => ['Never pull.', 'Tap early.'],
        'defender_held' => [],
    ]);

    // Another request, another reading of the school.
    $this->actingAs($this->head->fresh())->get('/attacks/create')->assertSee('Ear held');
    $this->post('/attacks', [
        'title' => 'Ear held at the hatch',
        'kind' => 'ear-held',
        'hand' => 'left',
        'bearing' => '12',
        'thumb' => 'n/a',
        'phase' => 'landed',
        'entry' => 'step',
        'posture' => 'standing',
        'notice' => 'ready',
        'place' => 'open',
        'others' => 'alone',
        'intent' => 'move',
        'build' => 'alike',
        'prevalence' => '3',
        'needed_by' => (string) $this->hall->ranks()->value('id'),
        'needed_by_youth' => 'same',
    ])->assertSessionHasNoErrors();
    $attack = $this->hall->attacks()->where('kind', 'ear-held')->firstOrFail();
    $this->get("/attacks/{$attack->id}")->assertOk()
        ->assertSee('Never pull.');
    expect((string) $this->get('/school/export.yaml')->getContent())->toContain('ear-held');

    $this->delete("/school/kinds/{$kind->id}")->assertSessionHas('error');
    // What is in the catalogue stays possible.
    $this->from('/school/kinds')
        ->put("/school/kinds/{$kind->id}", [...$this->kind, 'hands' => ['right']])
        ->assertSessionHasErrors([
            'name'
                => '“Ear held at the hatch” would no longer be possible: Hand “left” does not go with “Ear held”. Allowed: right. Change or delete that attack first.',
        ]);
    $this->put("/school/kinds/{$kind->id}", [...$this->kind, 'name' => 'Ear taken'])->assertSessionHasNoErrors();
    $attack->delete();
    $this->delete("/school/kinds/{$kind->id}")->assertSessionHas('status');
    expect(Kind::count())->toBe(0);
});

it('draws the situation of a kind before it is saved', function (): void {
    $this->from('/school/kinds/create')
        ->post('/school/kinds', [...$this->kind, 'preview' => '1'])
        ->assertRedirect('/school/kinds/create');
    $this->get('/school/kinds/create')->assertOk()
        ->assertSee('<svg class="floor-drawing"', false)
        ->assertSee('value="Ear held"', false)
        ->assertSee('free');
    expect(Kind::count())->toBe(0);
});

it('refuses a kind that nothing could come of', function (array $with, string $field): void {
    $this->from('/school/kinds/create')
        ->post('/school/kinds', [...$this->kind, ...$with])
        ->assertRedirect('/school/kinds/create')
        ->assertSessionHasErrors($field);
    $this->get('/school/kinds/create')->assertOk();
})->with([
    'no hand' => [['hands' => []], 'hands'],
    'no hour' => [['bearings' => []], 'bearings'],
    'thirteen o’clock' => [['bearings' => ['13']], 'bearings.0'],
    'a family that is none' => [['family' => 'dance'], 'family'],
    'text for a list' => [['hands' => 'left'], 'hands'],
]);
