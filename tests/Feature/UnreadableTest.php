<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Attack;
use App\Models\Role;
use App\Persistence\CatalogueMapper;
use Illuminate\Support\Facades\DB;
use Tests\Feature\UnreadableFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->head = $this->person($this->hall, Role::Head));
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->gate = $this->hall->answers()->firstOrFail();
    $this->ada = $this->hall->students()->firstOrFail();
    $this->pages = fn (): array => [
        '/', '/wall', '/wall?form=table', '/wall.svg', '/wall.csv', '/wall/ranks', '/wall/cross', '/wall/holes',
        '/wall/fewest', '/attacks', '/attacks?side=none', '/attacks/create', '/answers', '/drill-lists',
        '/drill-lists/create', '/board', '/board/mistakes', '/people', '/people/create', '/people/reps',
        '/people/reps.csv', "/people/{$this->ada->id}", "/people/{$this->ada->id}/edit", '/mat', '/mat/kit',
        '/mat/plans', '/record', "/record/{$this->ada->id}", '/school', '/school/export.yaml', '/school/export.json',
    ];
});

it('shows a row that cannot be read as that row’s fault, and every other page as ever', function (
    string $table,
    array $columns,
    string $why,
): void {
    $row = ['answers' => $this->gate, 'attacks' => $this->wrist][$table];
    UnreadableFixture::spoil($table, $row->id, $columns);
    expect(app(CatalogueMapper::class)->unreadable($this->hall->fresh())[0]->why)->toContain($why);
    foreach (($this->pages)() as $page) {
        expect($this->actingAs($this->head->fresh())->get($page)->getStatusCode())->toBeIn([200, 302], $page);
    }
    // Its own pages say what is wrong.
    foreach (["/{$table}/{$row->id}", "/{$table}/{$row->id}/edit"] as $page) {
        $this->actingAs($this->head->fresh())->get($page)->assertOk()->assertSee('cannot be read')->assertSee($why);
    }
    $this->actingAs($this->head->fresh())
        ->get("/{$table}")
        ->assertOk()
        ->assertSee($row->title)
        ->assertSee('cannot be read');
    foreach ([$this->gate, $this->wrist] as $other) {
        $name = $other instanceof Answer ? 'answers' : 'attacks';
        expect(
            $this->actingAs($this->head->fresh())
                ->get("/{$name}/{$other->id}")
                ->getStatusCode(),
        )->toBe(200);
    }
    foreach (['floor', 'floor.svg', 'sheet', 'sheet.pdf', 'placement'] as $part) {
        expect(
            $this->actingAs($this->head->fresh())
                ->get("/answers/{$this->gate->id}/{$part}")
                ->getStatusCode(),
        )->toBeIn([200, 404, 302], $part);
    }
    foreach (['proof', 'first-steps', 'answers/create'] as $part) {
        expect(
            $this->actingAs($this->head->fresh())
                ->get("/attacks/{$this->wrist->id}/{$part}")
                ->getStatusCode(),
        )->toBeIn([200, 404, 302], $part);
    }
    expect(
        $this->actingAs($this->head->fresh())
            ->get("/record/{$this->ada->id}/{$this->wrist->id}/written")
            ->getStatusCode(),
    )->toBeIn([200, 404, 302]);
})->with([
    'beats that are none' => ['answers', ['beats' => 'zzz'], 'Beats: Line 1'],
    'no beats' => ['answers', ['beats' => ''], 'Beats'],
    'beats beyond the limit' => ['answers', ['beats' => str_repeat("right palm chin\n", 6000)], 'Beats'],
    'a pattern of another world' => ['answers', ['pattern' => '{"hand":["sideways"]}'], 'sideways'],
    'a pattern that is a number' => ['answers', ['pattern' => '5'], 'Found'],
    'a pattern of no facet' => ['answers', ['pattern' => '{"colour":["red"]}'], 'colour'],
    'waivers without a check' => ['answers', ['waived' => '[{"x":1}]'], 'Found'],
    'waivers that are a number' => ['answers', ['waived' => '7'], 'Found'],
    'mistakes that are a text' => ['answers', ['mistakes' => '"x"'], 'Found'],
    'mistakes that are lists' => ['answers', ['mistakes' => '[[1]]'], 'Found'],
    'a kind that is gone' => ['attacks', ['kind' => 'no-such-kind'], 'no-such-kind'],
    'facets that do not go together' => ['attacks', ['kind' => 'hug-behind-pinned'], 'Hand'],
    'cautions that are a number' => ['attacks', ['cautions' => '3'], 'Found'],
]);

it('lets what cannot be read be mended or deleted', function (): void {
    UnreadableFixture::spoil('answers', $this->gate->id, [
        'beats' => 'zzz',
        'pattern' => '5',
        'mistakes' => '7',
        'waived' => '"x"',
    ]);
    $form = [
        'title' => 'Gate',
        'rank' => (string) $this->gate->rank_id,
        'beats' => 'leave 6',
        'version' => $this->gate->version,
    ];
    $this->put("/answers/{$this->gate->id}", $form)->assertRedirect("/answers/{$this->gate->id}");
    expect(app(CatalogueMapper::class)->unreadable($this->hall->fresh()))->toBe([]);

    $spare = $this->hall
        ->answers()
        ->create([
            ...$this->gate->fresh()->only('attack_id', 'rank_id'),
            'code' => 'spare',
            'title' => 'Spare',
            'beats' => 'leave 6',
        ]);
    UnreadableFixture::spoil('answers', $spare->id, ['beats' => 'zzz', 'pattern' => '7']);
    $this->actingAs($this->head->fresh())
        ->delete("/answers/{$spare->id}")
        ->assertRedirect();
    expect(Answer::query()->find($spare->id))->toBeNull();
    // One that reps name stays, and says so on its page.
    UnreadableFixture::spoil('answers', $this->gate->id, ['beats' => 'zzz']);
    $this->actingAs($this->head->fresh())
        ->followingRedirects()
        ->delete("/answers/{$this->gate->id}")
        ->assertOk()
        ->assertSee('reps are kept')
        ->assertSee('cannot be read');

    $other = $this->hall->attacks()->where('code', 'hug')->firstOrFail();
    UnreadableFixture::spoil('attacks', $other->id, ['kind' => 'gone', 'cautions' => '{}']);
    $this->actingAs($this->head->fresh())
        ->delete("/attacks/{$other->id}")
        ->assertRedirect('/attacks');
    expect(Attack::query()->find($other->id))->toBeNull();
});

it('takes the usual where a setting cannot be read, and says so', function (array $columns, string $why): void {
    DB::table('schools')->where('id', $this->hall->id)->update($columns);
    foreach (($this->pages)() as $page) {
        expect($this->actingAs($this->head->fresh())->get($page)->getStatusCode())->toBeIn([200, 302], $page);
    }
    $this->get('/school')->assertSee($why)->assertSee('the usual one is used');
    $this->get("/answers/{$this->gate->id}")->assertOk();
})->with([
    'a policy of dragons' => [['policy' => '[{"hazard":"dragons","level":"free"}]'], 'policy'],
    'a policy that is a text' => [['policy' => '"x"'], 'policy'],
    'sizes that are a text' => [['sizes' => '"x"'], 'sizes'],
    'an effect that lasts for ever' => [['effect_times' => '{"folded":9999}'], 'effects'],
    'a hazard beyond all' => [['force' => '{"hazards":{"neck":9}}'], 'force'],
    'a giant' => [['sizes' => '{"giant":99}'], 'sizes'],
    'a typical size of none' => [['typical' => 'giant'], 'typical'],
    'own words that are numbers' => [['aliases' => '{"verbs":{"x":1}}'], 'own words'],
    'own words that are a list' => [['aliases' => '[1]'], 'own words'],
    'factors that are a text' => [['hole_factors' => '"x"'], 'hole factors'],
    'names that are a list' => [['nouns' => '[1]'], 'names'],
    'a name in braces' => [['nouns' => '{"attack":{"one":"{rank}","many":"x"}}'], 'names'],
    'a scope that is a text' => [['scope' => '"x"'], 'scope'],
    'a scope of numbers' => [['scope' => '{"posture":5}'], 'scope'],
    'a zone of another planet' => [['zone' => 'Mars/Olympus'], 'time zone'],
]);

it('leaves out a kind of the school’s own that cannot be read, and every other page as ever', function (
    array $columns,
): void {
    $kind = $this->hall
        ->kinds()
        ->create([
            'code' => 'own', 'name' => 'Own kind', 'family' => 'grab', 'start' => 'grab', 'attacker_busy' => ['hand'],
            'defender_held' => [], 'hands' => ['left'], 'bearings' => [12], 'cautions' => [],
        ]);
    UnreadableFixture::spoil('kinds', $kind->id, $columns);
    foreach (($this->pages)() as $page) {
        expect($this->actingAs($this->head->fresh())->get($page)->getStatusCode())->toBeIn([200, 302], $page);
    }
    $this->get('/school')->assertSee('Own kind')->assertSee('cannot be read');
})->with([
    [['hands' => '["tail"]']],
    [['hands' => '5']],
    [['bearings' => '["x"]']],
    [['attacker_busy' => '{"a":{}}']],
    [['cautions' => '[1]']],
]);

it('shows a student whose flags cannot be read with every hazard barred', function (string $flags): void {
    UnreadableFixture::spoil('students', $this->ada->id, ['flags' => $flags]);
    foreach (($this->pages)() as $page) {
        expect($this->actingAs($this->head->fresh())->get($page)->getStatusCode())->toBeIn([200, 302], $page);
    }
    $this->get("/people/{$this->ada->id}/edit")->assertOk();
})->with(['{"a":1}', '5', '"no-fall"', '[[1]]']);
