<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Persistence\RevisionCache;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;

beforeEach(function (): void {
    $this->actingAs($reader = $this->person($this->hall = $this->school(), Role::Assistant));
    $this->anew = fn () => $this->actingAs($reader->fresh());
});

it('says the least to teach, in what order, and what each adds', function (): void {
    // First needs the wrist alone, weight 4 on two sides; one answer that counts for both is all of it.
    $this->get('/wall/fewest?rank=first&share=100')->assertOk()
        ->assertSee('100 % by First: 1 answer')
        ->assertSee('They work against 100.0 %')
        ->assertSee('No fewer answers can do it.')
        ->assertSeeInOrder(['Gate', 'use it for similar attacks too', '2', '100.0 %', '100.0 %']);
});

it('says what cannot be reached, and how far it goes', function (): void {
    // Second needs the hug as well: 4 of 4 + 2.
    $this->get('/wall/fewest?rank=second&share=75')
        ->assertSee('75 % cannot be reached with the answers written so far: 66.7 % is the most.')
        ->assertDontSee('No fewer answers can do it.');
});

it('leaves what was worked out for the holes', function (): void {
    $this->get('/wall/holes')->assertOk();
    $runs = app(RevisionCache::class)->latest("runs:{$this->hall->id}");
    $this->get('/wall/fewest')->assertOk();

    expect($runs)->not->toBe([])
        ->and(array_diff_key($runs, app(RevisionCache::class)->latest("runs:{$this->hall->id}")))->toBe([]);
});

it('names the answers that could be left out, each alone', function (): void {
    $this->get('/wall/fewest')->assertSee('0 answers could be left out');
    $this->hall
        ->answers()
        ->firstOrFail()
        ->replicate()
        ->fill(['code' => 'gate-again', 'title' => 'Gate again'])
        ->save();
    ($this->anew)()->get('/wall/fewest')->assertSee('2 answers could be left out')->assertSee('Gate again');
});

it('asks for what it always asks for where the question cannot be read', function (string $query): void {
    $this->get('/wall/fewest?'.$query)->assertOk()
        ->assertSee('by Second')
        ->assertSee('90 % cannot be reached');
})->with(['', 'rank=nobody&share=90', 'rank[]=first&share[]=5', 'share=0', 'share=101', 'share=much']);

it('says what to do first in an empty school', function (): void {
    $bare = School::create(['name' => 'Bare Hall', 'doctrine' => 'escape']);
    $this->actingAs($head = $this->person($bare, Role::Head));
    $this->get('/wall/fewest')->assertOk()->assertDontSee('Reach 90 %')->assertSee('rank');

    // Ranks and attacks, and not one answer.
    $text = preg_replace('/^answers:.*/ms', '', (string) file_get_contents(__DIR__.'/../fixtures/small.yaml'));
    app(ImportCatalogue::class)->import((new CatalogueReader())->read((string) $text, Format::Yaml), $bare);
    $this->actingAs($head->fresh())
        ->get('/wall/fewest')
        ->assertSee('90 % by Second: 0 answers')
        ->assertSee('No answer is written yet.')
        ->assertSee('0 answers could be left out');
});
