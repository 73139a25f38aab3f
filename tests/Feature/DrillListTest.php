<?php

declare(strict_types=1);

use App\Models\DrillList;
use App\Models\Role;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->assistant = $this->person($this->hall, Role::Assistant));
});

it('says when there is none, and when there is nothing to make one from', function (): void {
    $this->get('/drill-lists')->assertOk()->assertSee('No list yet.');
    $this->get('/drill-lists/create?families[]=kick')->assertOk()
        ->assertSee('The catalogue has no attack of these families.');
});

it('makes a list that meets every pair, and saves it', function (): void {
    // The wrist is held by the right hand, mirrored by the left, always at 12; the hug by both at 6.
    $this->get('/drill-lists/create?facets[]=hand&facets[]=bearing')->assertOk()
        ->assertSee('3 attacks meet 8 of 8 pairs')
        ->assertSeeInOrder(['Wrist held across', 'as in the catalogue']);
    $this->post('/drill-lists', [
        'name' => 'Monday',
        'facets' => ['hand', 'bearing'],
        'values' => 'used',
        'seed' => '1',
    ])
        ->assertRedirect()
        ->assertSessionHas('status');
    $list = DrillList::with('items.attack')->firstOrFail();

    expect(
        $list->items->map(fn ($item): string => $item->attack->code.' '.$item->side->value)->sort()->values()->all(),
    )
        ->toBe(['hug written', 'wrist mirrored', 'wrist written'])
        ->and($list->made_by_id)->toBe($this->assistant->id);
    $this->get("/drill-lists/{$list->id}")
        ->assertSee('3 attacks to drill')
        ->assertSee('Wrist held across');
    $this->get('/drill-lists')->assertSee('Monday');
    $this->delete("/drill-lists/{$list->id}")->assertRedirect('/drill-lists');
    expect(DrillList::count())->toBe(0);
});

it('names the nearest attack of the catalogue, and what is otherwise', function (): void {
    $this->get('/drill-lists/create?families[]=hug&facets[]=place&values=all')
        ->assertSee('5 attacks meet 5 of 5 pairs')
        ->assertSee('place narrow')
        ->assertSee('place crowd');
    $this->post('/drill-lists', ['name' => 'Places', 'families' => ['hug'], 'facets' => ['place'], 'values' => 'all']);
    expect(
        DrillList::firstOrFail()
            ->items->pluck('differences')
            ->sortBy(fn (array $differences): string => $differences['place'] ?? '')
            ->values()
            ->all(),
    )->toBe([[], ['place' => 'crowd'], ['place' => 'narrow'], ['place' => 'obstacles'], ['place' => 'stairs']]);
});

it('leaves out what is never together, and says where a line means nothing', function (
    string $forbid,
    string $said,
): void {
    $this->get(
        '/drill-lists/create?'
            .http_build_query([
                'families' => ['hug'],
                'facets' => ['place', 'build'],
                'values' => 'all',
                'forbid' => $forbid,
            ]),
    )
        ->assertOk()
        ->assertSee($said);
})->with([
    'a pair' => ['place stairs, build larger', '14 attacks meet 22 of 22 pairs'],
    'a value alone' => ['place stairs', '12 attacks meet 19 of 19 pairs'],
    'a facet that does not vary' => ['posture seated, place stairs', 'Line 1: Found “posture”'],
    'an unknown facet' => ["place stairs\nplcae narrow", 'Line 2: Found “plcae”'],
    'an unknown value' => ['place stiars', 'Did you mean “stairs”?'],
    'nothing is left' => ["build smaller\nbuild alike\nbuild larger", 'Nothing is left'],
]);

it('takes no offence at a value that the catalogue does not have', function (): void {
    $this->get(
        '/drill-lists/create?'
            .http_build_query(['facets' => ['place'], 'forbid' => 'place stairs, kind wrist-cross']),
    )
        ->assertOk()
        ->assertSee('2 attacks meet 2 of 2 pairs');
});

it('keeps what was typed where a list cannot be saved', function (): void {
    $this->post('/drill-lists', ['name' => 'Monday', 'facets' => ['hand']]);
    $this->from('/drill-lists/create')
        ->post('/drill-lists', ['name' => 'Monday', 'facets' => ['place'], 'forbid' => 'place stairs'])
        ->assertSessionHasErrors(['name' => 'Another list has this name.']);
    $this->get('/drill-lists/create')->assertSee('value="Monday"', false)->assertSee('place stairs');
    $this->post('/drill-lists', [
        'name' => 'Tuesday',
        'facets' => ['hand'],
        'forbid' => 'colour red',
    ])->assertSessionHasErrors('forbid');
    expect(DrillList::count())->toBe(1);
});

it('drops what was deleted from the catalogue', function (): void {
    $this->post('/drill-lists', ['name' => 'Monday', 'families' => ['hug'], 'facets' => ['hand']]);
    $this->hall->attacks()->where('code', 'hug')->delete();
    $this->get('/drill-lists/'.DrillList::firstOrFail()->id)->assertOk()
        ->assertSee('Every attack of this list has been deleted since.');
});

it('has tonight’s class of the demo ready, every attack of it answered on its side', function (): void {
    app(App\Persistence\Demo::class)->load(Carbon\CarbonImmutable::now());
    $school = App\Models\School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $list = $school->drillLists()->with('items.attack')->firstOrFail();
    $laid = [];
    foreach (
        StoneDrill\Core\Coverage\Coverage::of(
            app(App\Persistence\CatalogueMapper::class)->curriculum($school),
        )->cells as $cell
    ) {
        $laid[$cell->attack->id.' '.$cell->side->value] = $cell->laidAt !== null;
    }

    expect($list->name)->toBe('Tonight: the gangway')
        ->and($list->madeBy?->name)->toBe('Idris Fenwater')
        ->and($list->items)->toHaveCount(10);
    foreach ($list->items as $item) {
        expect($laid[$item->attack->code.' '.$item->side->value] ?? null)->toBeTrue($item->attack->code);
    }
});

it('begins with twenty at most, and says what more would cost', function (): void {
    // Eight bearings or so by five places alone are more than twenty pairs.
    $query = ['families' => ['hug'], 'facets' => ['place', 'posture', 'others', 'build', 'bearing'], 'values' => 'all'];
    $page = (string) $this->get('/drill-lists/create?'.http_build_query($query))
        ->assertOk()
        ->assertSee('20 attacks meet')
        ->assertSee('meet 80 % of the pairs')
        ->getContent();
    preg_match(
        '/20 attacks meet (\d+) of (\d+) pairs.*?The first (\d+) meet 80 % of the pairs\. All (\d+) would/s',
        $page,
        $said,
    );
    [, $met, $all, $most, $whole] = array_map(intval(...), $said);
    expect($met)->toBeLessThan($all)->and($whole)->toBeGreaterThan(20)->and($most)->toBeLessThanOrEqual($whole);

    $this->get('/drill-lists/create?'.http_build_query([...$query, 'most' => $whole]))
        ->assertSee("{$whole} attacks meet {$all} of {$all} pairs")
        ->assertDontSee('meet 80 % of the pairs');
    $this->get('/drill-lists/create?'.http_build_query([...$query, 'most' => '-3']))->assertSee('20 attacks meet');
    $this->post('/drill-lists', [...$query, 'name' => 'Short', 'most' => '7']);
    expect(DrillList::firstOrFail()->items)->toHaveCount(7);
});

it('takes attacks picked one by one, in order, and again under another name', function (): void {
    $pick = fn (array $with) => $this->from('/attacks')->post('/drill-lists/items', [
        'name' => 'Tonight',
        'list' => '',
        ...$with,
    ]);
    $pick(['cells' => ['hug written']])
        ->assertRedirect('/attacks')
        ->assertSessionHas('status', '1 attack put on the list “Tonight”.');
    $list = DrillList::firstOrFail();
    $pick(['list' => $list->id, 'cells' => ['wrist mirrored', 'wrist written']])->assertSessionHas('list', $list->id);
    $order = fn (?DrillList $of = null): array => ($of ?? $list)
        ->items()
        ->with('attack')
        ->get()
        ->map(fn ($item): string => $item->attack->code.' '.$item->side->value)
        ->all();
    expect($order())->toBe(['hug written', 'wrist mirrored', 'wrist written'])
        ->and($list->made_by_id)->toBe($this->assistant->id);

    $item = fn (int $at): string => "/drill-lists/{$list->id}/items/".$list->items()->get()[$at]->id;
    $this->put($item(2), ['change' => 'earlier'])->assertRedirect("/drill-lists/{$list->id}");
    $this->put($item(0), ['change' => 'later']);
    $this->put($item(0), ['change' => 'earlier']);
    $this->put($item(2), ['change' => 'sideways'])->assertSessionHasErrors('change');
    expect($order())->toBe(['wrist written', 'hug written', 'wrist mirrored']);
    $this->post("/drill-lists/{$list->id}/copy")->assertSessionHas('status', 'Copied to “Tonight (2)”.');
    $this->delete($item(1))->assertSessionHas('status', 'Hug from behind is off the list.');
    $copy = DrillList::where('name', 'Tonight (2)')->firstOrFail();
    expect([$order(), $order($copy)])->toBe([
        ['wrist written', 'wrist mirrored'],
        ['wrist written', 'hug written', 'wrist mirrored'],
    ]);
    $this->delete("/drill-lists/{$list->id}/items/".$copy->items()->value('id'))->assertNotFound();
    $this->put("/drill-lists/{$copy->id}", ['name' => 'Tonight'])->assertSessionHasErrors([
        'name' => 'Another list has this name.',
    ]);
    $this->put("/drill-lists/{$copy->id}", ['name' => 'Friday'])->assertSessionHas('status', '“Friday” is saved.');
    $this->get("/drill-lists/{$list->id}")->assertSee('aria-label="Up: Wrist held across', false);
    expect(array_column($this->get('/mat/kit')->json('lists'), 'name'))->toEqualCanonicalizing(['Tonight', 'Friday']);
});

it('says what is missing of what was picked', function (array $with, string $field, string $said): void {
    DrillList::create(['school_id' => $this->hall->id, 'name' => 'Taken']);
    $this->post('/drill-lists/items', [
        'name' => 'Tonight',
        'cells' => ['hug written'],
        ...$with,
    ])->assertSessionHasErrors([$field => $said]);
    expect(DrillList::count())->toBe(1);
})->with([
    'nothing' => [['cells' => []], 'cells', 'Tick an attack first.'],
    'no name' => [['name' => ''], 'name', 'Give the new list a name.'],
    'a name that is taken' => [['name' => 'Taken'], 'name', 'Another list has this name.'],
    'an attack that is none' => [
        ['cells' => ['zebra written']],
        'cells',
        'The attack is not in the catalogue any more.',
    ],
    'a side that is none' => [['cells' => ['hug upside']], 'cells', 'The attack is not in the catalogue any more.'],
]);

it('has a place to pick from on the catalogue, an attack and a student', function (): void {
    foreach (
        [
            '/attacks',
            '/attacks/'.$this->hall->attacks()->where('code', 'wrist')->value('id'),
            '/people/'.$this->hall->students()->value('id'),
        ] as $page
    ) {
        $this->get($page)->assertOk()->assertSee('Put on the list')->assertSee('wrist written"', false);
    }
});
