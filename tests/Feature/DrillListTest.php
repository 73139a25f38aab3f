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
    $this->get('/drill-lists/create?families[]=kick')->assertOk()->assertSee('The catalogue has no attack of these families.');
});

it('makes a list that meets every pair, and saves it', function (): void {
    // The wrist is held by the right hand, mirrored by the left, always at 12; the hug by both at 6.
    $this->get('/drill-lists/create?facets[]=hand&facets[]=bearing')->assertOk()->assertSee('3 attacks meet 8 of 8 pairs')->assertSeeInOrder(['Wrist held across', 'as in the catalogue']);
    $this->post('/drill-lists', ['name' => 'Monday', 'facets' => ['hand', 'bearing'], 'values' => 'used', 'seed' => '1'])->assertRedirect()->assertSessionHas('status');
    $list = DrillList::with('items.attack')->firstOrFail();

    expect($list->items->map(fn ($item): string => $item->attack->code.' '.$item->side->value)->sort()->values()->all())->toBe(['hug written', 'wrist mirrored', 'wrist written'])
        ->and($list->made_by_id)->toBe($this->assistant->id);
    $this->get("/drill-lists/{$list->id}")->assertSee('3 attacks to drill')->assertSee('Wrist held across');
    $this->get('/drill-lists')->assertSee('Monday');
    $this->delete("/drill-lists/{$list->id}")->assertRedirect('/drill-lists');
    expect(DrillList::count())->toBe(0);
});

it('names the nearest attack of the catalogue, and what is otherwise', function (): void {
    $this->get('/drill-lists/create?families[]=hug&facets[]=place&values=all')->assertSee('5 attacks meet 5 of 5 pairs')->assertSee('place narrow')->assertSee('place crowd');
    $this->post('/drill-lists', ['name' => 'Places', 'families' => ['hug'], 'facets' => ['place'], 'values' => 'all']);
    expect(DrillList::firstOrFail()->items->pluck('differences')->sortBy(fn (array $differences): string => $differences['place'] ?? '')->values()->all())
        ->toBe([[], ['place' => 'crowd'], ['place' => 'narrow'], ['place' => 'obstacles'], ['place' => 'stairs']]);
});

it('leaves out what is never together, and says where a line means nothing', function (string $forbid, string $said): void {
    $this->get('/drill-lists/create?'.http_build_query(['families' => ['hug'], 'facets' => ['place', 'build'], 'values' => 'all', 'forbid' => $forbid]))->assertOk()->assertSee($said);
})->with([
    'a pair' => ['place stairs, build larger', '14 attacks meet 22 of 22 pairs'],
    'a value alone' => ['place stairs', '12 attacks meet 19 of 19 pairs'],
    'a facet that does not vary' => ['posture seated, place stairs', 'Line 1: Found “posture”'],
    'an unknown facet' => ["place stairs\nplcae narrow", 'Line 2: Found “plcae”'],
    'an unknown value' => ['place stiars', 'Did you mean “stairs”?'],
    'nothing is left' => ["build smaller\nbuild alike\nbuild larger", 'Nothing is left'],
]);

it('takes no offence at a value that the catalogue does not have', function (): void {
    $this->get('/drill-lists/create?'.http_build_query(['facets' => ['place'], 'forbid' => 'place stairs, kind wrist-cross']))->assertOk()->assertSee('2 attacks meet 2 of 2 pairs');
});

it('keeps what was typed where a list cannot be saved', function (): void {
    $this->post('/drill-lists', ['name' => 'Monday', 'facets' => ['hand']]);
    $this->from('/drill-lists/create')->post('/drill-lists', ['name' => 'Monday', 'facets' => ['place'], 'forbid' => 'place stairs'])->assertSessionHasErrors(['name' => 'Another list has this name.']);
    $this->get('/drill-lists/create')->assertSee('value="Monday"', false)->assertSee('place stairs');
    $this->post('/drill-lists', ['name' => 'Tuesday', 'facets' => ['hand'], 'forbid' => 'colour red'])->assertSessionHasErrors('forbid');
    expect(DrillList::count())->toBe(1);
});

it('drops what was deleted from the catalogue', function (): void {
    $this->post('/drill-lists', ['name' => 'Monday', 'families' => ['hug'], 'facets' => ['hand']]);
    $this->hall->attacks()->where('code', 'hug')->delete();
    $this->get('/drill-lists/'.DrillList::firstOrFail()->id)->assertOk()->assertSee('Every attack of this list has been deleted since.');
});

it('has tonight’s class of the demo ready, every attack of it answered on its side', function (): void {
    app(App\Persistence\Demo::class)->load(Carbon\CarbonImmutable::now());
    $school = App\Models\School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $list = $school->drillLists()->with('items.attack')->firstOrFail();
    $laid = [];
    foreach (StoneDrill\Core\Coverage\Coverage::of(app(App\Persistence\CatalogueMapper::class)->curriculum($school))->cells as $cell) {
        $laid[$cell->attack->id.' '.$cell->side->value] = $cell->laidAt !== null;
    }

    expect($list->name)->toBe('Tonight: the gangway')->and($list->madeBy?->name)->toBe('Idris Fenwater')->and($list->items)->toHaveCount(10);
    foreach ($list->items as $item) {
        expect($laid[$item->attack->code.' '.$item->side->value] ?? null)->toBeTrue($item->attack->code);
    }
});

it('begins with twenty at most, and says what more would cost', function (): void {
    // Eight bearings or so by five places alone are more than twenty pairs.
    $query = ['families' => ['hug'], 'facets' => ['place', 'posture', 'others', 'build', 'bearing'], 'values' => 'all'];
    $page = (string) $this->get('/drill-lists/create?'.http_build_query($query))->assertOk()->assertSee('20 attacks meet')->assertSee('meet 80 % of the pairs')->getContent();
    preg_match('/20 attacks meet (\d+) of (\d+) pairs.*?The first (\d+) meet 80 % of the pairs\. All (\d+) would/s', $page, $said);
    [, $met, $all, $most, $whole] = array_map(intval(...), $said);
    expect($met)->toBeLessThan($all)->and($whole)->toBeGreaterThan(20)->and($most)->toBeLessThanOrEqual($whole);

    $this->get('/drill-lists/create?'.http_build_query([...$query, 'most' => $whole]))->assertSee("{$whole} attacks meet {$all} of {$all} pairs")->assertDontSee('meet 80 % of the pairs');
    $this->get('/drill-lists/create?'.http_build_query([...$query, 'most' => '-3']))->assertSee('20 attacks meet');
    $this->post('/drill-lists', [...$query, 'name' => 'Short', 'most' => '7']);
    expect(DrillList::firstOrFail()->items)->toHaveCount(7);
});
