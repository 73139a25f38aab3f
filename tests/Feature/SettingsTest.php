<?php

declare(strict_types=1);

use App\Models\Role;
use App\Persistence\CatalogueMapper;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Tests\Feature\BeginningFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    // What the catalogue file says of the school after a change.
    $this->exported = fn (): StoneDrill\Core\Curriculum\School => (new CatalogueReader())->read((string) $this->get('/school/export.yaml')->getContent(), Format::Yaml)->catalogue->school;
});

it('shows every section with its default', function (): void {
    $this->get('/school/settings')->assertOk()->assertSeeInOrder(['School', 'How you answer', 'Bodies and tolerance', 'Hole weights', 'Contact and age', 'Own words'])->assertSee('Default: leave at once.');
});

it('saves each section, says it in the file, and resets it', function (string $section, array $fields, callable $read, mixed $expected, mixed $default): void {
    $this->put("/school/settings/{$section}", $fields)->assertRedirect("/school/settings#{$section}")->assertSessionHas('status');
    expect($read(($this->exported)()))->toEqual($expected)
        ->and($this->hall->log()->where('event', 'updated')->exists())->toBeTrue();

    $this->delete("/school/settings/{$section}")->assertRedirect("/school/settings#{$section}");
    expect($read(($this->exported)()))->toEqual($default);
})->with([
    'general' => ['general', ['name' => 'Renamed Hall', 'zone' => 'Asia/Tokyo', 'bearings' => 'directions'], fn ($school): array => [$school->name, $school->conventions->zone, $school->conventions->bearings->value], ['Renamed Hall', 'Asia/Tokyo', 'directions'], ['Renamed Hall', 'UTC', 'clock']],
    'doctrine' => ['doctrine', ['doctrine' => 'subdue'], fn ($school): string => $school->doctrine->value, 'subdue', 'escape'],
    'bodies' => ['bodies', ['typical' => 'small', 'tolerance' => '7.5', 'sizes' => ['child' => '1.2', 'small' => '1.5', 'medium' => '1.7', 'large' => '1.9']], fn ($school): array => [$school->statures->typical, $school->tolerance, $school->statures->sizes], ['small', 0.075, ['child' => 1.2, 'small' => 1.5, 'medium' => 1.7, 'large' => 1.9]], ['medium', 0.05, ['child' => 1.25, 'small' => 1.52, 'medium' => 1.68, 'large' => 1.85]]],
    'words' => ['words', ['words' => [['own' => 'Parry out', 'word' => 'verbs:parry'], ['own' => ' ', 'word' => ''], ['own' => 'jaw line', 'word' => 'targets:chin']]], fn ($school): array => $school->conventions->aliases, ['verbs' => ['parry out' => 'parry'], 'targets' => ['jaw line' => 'chin']], []],
]);

it('keeps a policy, and goes back to what holds without one', function (): void {
    $policy = BeginningFixture::policy($this->hall);
    $policy['fall']['all']['not-taught'] = 'second';
    $this->put('/school/settings/policy', ['policy' => $policy])->assertSessionHas('status');
    expect(collect(($this->exported)()->policy)->contains(fn ($row): bool => $row->hazard->value === 'fall' && $row->rank === 'second'))->toBeTrue();

    $this->delete('/school/settings/policy');
    expect($this->hall->fresh()->policy)->toBeNull();
});

it('shows on the wall what a setting would change, and saves nothing', function (): void {
    $fields = ['typical' => 'medium', 'tolerance' => '5', 'sizes' => ['child' => '1.25', 'small' => '1.52', 'medium' => '1.68', 'large' => '1.85']];
    $this->put('/school/settings/bodies', [...$fields, 'preview' => '1'])->assertRedirect('/school/settings#bodies');
    $this->get('/school/settings')->assertSee('Nothing changes on the wall.');

    // The one answer that there is leaves from a hold that is on where the hand cannot reach: weights alone change here.
    $factors = array_map(fn ($kind): string => (string) $kind->factor(), array_column(StoneDrill\Core\Coverage\HoleKind::cases(), null, 'value'));
    $this->put('/school/settings/weights', ['share' => '80', 'factors' => [...$factors, 'open' => '2'], 'preview' => '1']);
    // The hug weighs 2 × 1 now and 2 × 2 then; the wrist’s other side 4 / 2 × .6 = 1.2.
    $this->get('/school/settings')->assertSee('Not saved yet. This is what would change:')->assertSee('Holes: 2 of weight 3.2 now, 2 of weight 5.2 then.');
    expect($this->hall->fresh()->hole_factors)->toBe([]);
});

it('shows what a doctrine and a policy would change', function (): void {
    // The answer ends out of reach; held down instead, nobody would ask for that.
    $this->hall->answers()->firstOrFail()->update(['beats' => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\n"]);
    $this->put('/school/settings/doctrine', ['doctrine' => 'control', 'preview' => '1']);
    $this->get('/school/settings')->assertSee('Not saved yet.')->assertDontSee('Nothing changes on the wall.')->assertSee('Holes: 3 of weight');

    $policy = BeginningFixture::policy($this->hall->fresh());
    $policy['head-contact']['all']['not-taught'] = 'always';
    $this->put('/school/settings/policy', ['policy' => $policy, 'preview' => '1']);
    $this->get('/school/settings')->assertSee('Not saved yet.')->assertDontSee('Nothing changes on the wall.');
    expect([$this->hall->fresh()->doctrine, $this->hall->fresh()->policy])->toBe(['escape', null]);
});

it('names the attacks that something works for no longer', function (): void {
    // Against somebody larger, whose chin a palm just reaches now.
    $this->hall->attacks()->where('code', 'wrist')->firstOrFail()->update(['build' => 'larger']);
    $this->hall->answers()->firstOrFail()->update(['beats' => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nleave 6\n", 'pattern' => []]);
    $giants = ['typical' => 'medium', 'tolerance' => '5', 'sizes' => ['child' => '1.25', 'small' => '1.52', 'medium' => '1.68', 'large' => '2.4'], 'preview' => '1'];
    $this->put('/school/settings/bodies', $giants);

    $this->get('/school/settings')->assertOk()->assertSee('Works no longer: Wrist held across (as written)');
    expect(app(CatalogueMapper::class)->school($this->hall->fresh())->statures->sizes['large'])->toBe(1.85);
    $this->put('/school/settings/bodies', [...$giants, 'preview' => '0']);
    $this->put('/school/settings/bodies', [...$giants, 'sizes' => [...$giants['sizes'], 'large' => '1.85']]);
    $this->get('/school/settings')->assertSee('Works then: Wrist held across (as written)');
});

it('refuses what means nothing, and keeps what was typed', function (string $section, array $fields, string $field): void {
    $this->from('/school/settings')->put("/school/settings/{$section}", $fields)->assertRedirect('/school/settings')->assertSessionHasErrors($field);
    $this->get('/school/settings')->assertOk()->assertSee('Not saved.');
})->with([
    'no name' => ['general', ['name' => '', 'zone' => 'UTC', 'bearings' => 'clock'], 'name'],
    'a size of 5 m' => ['bodies', ['typical' => 'medium', 'tolerance' => '5', 'sizes' => ['medium' => '5']], 'sizes.medium'],
    'a typical size that is none' => ['bodies', ['typical' => 'huge', 'tolerance' => '5', 'sizes' => ['medium' => '1.7']], 'typical'],
    'a word that stands for nothing' => ['words', ['words' => [['own' => 'zap', 'word' => 'verbs:zap']]], 'words.0.word'],
    'a word that is taken' => ['words', ['words' => [['own' => 'palm', 'word' => 'verbs:parry']]], 'words'],
    'a word with signs' => ['words', ['words' => [['own' => 'zap!', 'word' => 'verbs:parry']]], 'words'],
]);

it('lets own words be typed into beats, and shows beats with them', function (): void {
    $this->put('/school/settings/words', ['words' => [['own' => 'heel hand', 'word' => 'strikes:palm']]]);
    $attack = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();

    $this->post("/attacks/{$attack->id}/workbench", ['beats' => "left foot step 9, left hand strip toward thumb -> released\nright heel hand chin\nleave 6", 'rank' => 'first'])->assertOk()->assertSee('heel hand');
});
