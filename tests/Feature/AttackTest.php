<?php

declare(strict_types=1);

use App\Models\Attack;
use App\Models\Role;
use Tests\Feature\AttackFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->head = $this->person($this->hall, Role::Head);
    $this->actingAs($this->head);
});

it('takes an attack into the catalogue and leads to its page', function (): void {
    $rank = $this->hall->ranks()->firstOrFail();
    $this->post('/attacks', AttackFixture::attackForm(['needed_by' => $rank->id]))->assertRedirect();
    $attack = Attack::query()->where('code', 'sleeve-at-the-door')->firstOrFail();

    expect(
        $attack->only(
            'title',
            'kind',
            'hand',
            'bearing',
            'place',
            'prevalence',
            'critical',
            'needed_by_id',
            'needed_by_youth_id',
            'version',
            'school_id',
        ),
    )->toBe([
        'title' => 'Sleeve at the door',
        'kind' => 'sleeve',
        'hand' => 'left',
        'bearing' => '11',
        'place' => 'narrow',
        'prevalence' => 5,
        'critical' => true,
        'needed_by_id' => $rank->id,
        'needed_by_youth_id' => $rank->id,
        'version' => 1,
        'school_id' => $this->hall->id,
    ]);
    $this->get("/attacks/{$attack->id}")->assertOk()
        ->assertSee('no answer')
        ->assertSee('Write an answer');
    // What answers a side stands under it.
    $answered = $attack->school->attacks()->where('code', 'wrist')->firstOrFail();
    $this->get("/attacks/{$answered->id}")->assertOk()
        ->assertSeeInOrder(['As written: answered from First on', 'Gate', 'left foot step 9', 'Mirrored: no answer']);
});

it('gives another code to another attack of the same name', function (): void {
    $this->post('/attacks', AttackFixture::attackForm());
    $this->post('/attacks', AttackFixture::attackForm());

    expect($this->hall->attacks()->pluck('code')->all())->toContain('sleeve-at-the-door', 'sleeve-at-the-door-2');
});

it('refuses what is not feasible at its facet, and keeps what was typed', function (
    array $change,
    string $facet,
    string $said,
): void {
    $this->from('/attacks/create')
        ->post('/attacks', AttackFixture::attackForm($change))
        ->assertRedirect('/attacks/create')
        ->assertSessionHasErrors($facet)
        ->assertSessionHasInput('title', 'Sleeve at the door');
    expect(session('errors')->first($facet))->toContain($said)
        ->and($this->hall->attacks()->count())->toBe(2);
})->with([
    'hand' => [['hand' => 'both'], 'hand', 'left, right'],
    'bearing' => [['bearing' => '6'], 'bearing', '10, 11, 12'],
    'thumb' => [['kind' => 'cloth-one'], 'thumb', 'n/a'],
    'phase' => [['phase' => 'asleep'], 'phase', 'must be one of the choices'],
    'entry' => [['entry' => 'through'], 'entry', 'step'],
    'posture' => [['posture' => 'back'], 'posture', 'standing, seated, kneeling, wall'],
    'intent' => [['intent' => 'choke'], 'intent', 'move, pin, take-down'],
    'kind' => [['kind' => 'tickle'], 'kind', 'must be one of the choices'],
    'prevalence' => [['prevalence' => '6'], 'prevalence', 'between 1 and 5'],
    'a rank of nobody' => [['needed_by' => '999999'], 'needed_by', 'must be one of the choices'],
]);

it('narrows the facets to what goes with the kind and the bearing', function (): void {
    $this->get('/attacks/facets?kind=hug-behind-free&bearing=6&notice=ready')->assertOk()
        ->assertSee('value="both" selected', false)
        ->assertSee('value="off-guard" selected', false)
        ->assertDontSee('value="ready"', false)
        ->assertDontSee('value="12"', false);
    $this->get('/attacks/facets?kind=swing&bearing=12&notice=ready')
        ->assertSee('value="through"', false)
        ->assertSee('Pads or an agreed stop');
});

it('saves changes and counts the version up', function (): void {
    $attack = $this->hall->attacks()->firstOrFail();
    $this->put("/attacks/{$attack->id}", AttackFixture::attackForm(['version' => 1]))->assertRedirect(
        "/attacks/{$attack->id}",
    );

    expect($attack->fresh()?->only('title', 'version', 'updated_by_id'))->toBe([
        'title' => 'Sleeve at the door',
        'version' => 2,
        'updated_by_id' => $this->head->id,
    ]);
});

it('tells the second of two who save, and overwrites nothing', function (): void {
    $attack = $this->hall->attacks()->firstOrFail();
    $this->put("/attacks/{$attack->id}", AttackFixture::attackForm(['version' => 1, 'title' => 'First']));
    $this->put(
        "/attacks/{$attack->id}",
        AttackFixture::attackForm(['version' => 1, 'title' => 'Second']),
    )->assertRedirect("/attacks/{$attack->id}/edit");

    expect($attack->fresh()?->title)->toBe('First');
    $this->get("/attacks/{$attack->id}/edit")
        ->assertSee('saved this at')
        ->assertSee('Saved now: First')
        ->assertSee('value="Second"', false)
        ->assertSee('name="version" value="2"', false);
    $this->put("/attacks/{$attack->id}", AttackFixture::attackForm(['version' => 2, 'title' => 'Second']));
    expect($attack->fresh()?->title)->toBe('Second');
});

it('deletes what nothing hangs on, and keeps the rest', function (): void {
    $wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $hug = $this->hall->attacks()->where('code', 'hug')->firstOrFail();

    $this->delete("/attacks/{$wrist->id}")
        ->assertRedirect("/attacks/{$wrist->id}")
        ->assertSessionHas('error');
    $this->delete("/attacks/{$hug->id}")->assertRedirect('/attacks');
    expect($this->hall->attacks()->pluck('code')->all())->toBe(['wrist']);
});

it('finds by words, family, rank and side', function (string $query, array $sees, array $not): void {
    $response = $this->get('/attacks?'.$query)->assertOk();
    array_map(fn (string $title) => $response->assertSee($title), $sees);
    array_map(fn (string $title) => $response->assertDontSee($title), $not);
})->with([
    'all' => ['', ['Wrist held across', 'Hug from behind'], []],
    'words in any case' => ['find=WRIST', ['Wrist held across'], ['Hug from behind']],
    'a kind' => ['find=hug-behind', ['Hug from behind'], ['Wrist held across']],
    'a kind by its name' => ['find=FROM+behind,+arms+free', ['Hug from behind'], ['Wrist held across']],
    'where it comes from' => ['find=6+o’clock', ['Hug from behind'], ['Wrist held across']],
    'a family' => ['family=hug', ['Hug from behind'], ['Wrist held across']],
    'a rank' => ['rank=first', ['Wrist held across'], ['Hug from behind']],
    'one side' => ['side=one', ['Wrist held across'], ['Hug from behind']],
    'no side' => ['side=none', ['Hug from behind'], ['Wrist held across']],
    'both sides' => ['side=both', ['No attack matches'], ['Hug from behind', 'Wrist held across']],
    'nothing' => ['find=zebra', ['No attack matches'], ['Wrist held across']],
    'signs' => ['find=%25%27%3B--', ['No attack matches'], ['Wrist held across']],
]);
