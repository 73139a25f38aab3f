<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\ImportReport;
use StoneDrill\Core\Attack\Kinds;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Symfony\Component\Yaml\Yaml;

beforeEach(function (): void {
    $this->hall = School::create(['name' => 'Bring Hall', 'doctrine' => 'escape']);
    $this->document = [
        'format' => 'stone-drill/1',
        'school' => [
            'name' => 'Bring Hall',
            'doctrine' => 'control',
            'bearings' => 'directions',
            'typical' => 'giant',
            'share' => 0.6,
            'hole_factors' => ['no way out' => 0.25, 'open' => 2.0],
            'policy' => [
                ['hazard' => 'choke', 'under' => 16, 'level' => 'not-taught'],
                ['hazard' => 'contact', 'rank' => 'up', 'level' => 'pads'],
            ],
            'aliases' => ['targets' => ['point of jaw' => 'chin'], 'verbs' => ['glide' => 'slide']],
        ],
        'sizes' => ['giant' => 2.1],
        'kinds' => [
            [
                'id' => 'strap', 'name' => 'Held by the bag strap', 'family' => 'grab', 'attacker_busy' => ['hand'],
                'hand' => ['left', 'right'], 'bearing' => [11, 12, 1], 'start' => 'grab',
                'cautions' => ['Old bags only.'],
            ],
        ],
        'ranks' => [
            ['id' => 'low', 'name' => 'Low', 'max_beats' => 4, 'goal_rung' => 1],
            ['id' => 'up', 'name' => 'Up', 'max_beats' => 5, 'goal_rung' => 3],
        ],
        'rungs' => [
            [
                'id' => 1, 'name' => 'Still', 'pace' => 0.5, 'attack_told' => true, 'moment_told' => true,
                'resistance' => 0,
            ],
            [
                'id' => 3, 'name' => 'Loud', 'pace' => 1.0, 'attack_told' => false, 'moment_told' => false,
                'resistance' => 3, 'follow_ups' => true, 'stressors' => ['noise', 'rain'],
            ],
        ],
        'attacks' => [
            [
                'id' => 'bag', 'title' => 'Bag strap held', 'kind' => 'strap', 'hand' => 'left', 'bearing' => '12',
                'phase' => 'landed', 'intent' => 'move', 'needed_by' => 'low', 'needed_by_youth' => 'up',
                'cautions' => ['Empty the bag.'],
            ],
        ],
        'answers' => [
            [
                'id' => 'slip',
                'title' => 'Let it slip',
                'attack' => 'bag',
                'rank' => 'up',
                'short' => ['rank' => 'low', 'beats' => 1],
                'pattern' => ['kind' => 'any', 'place' => ['open'], 'bearing' => 'any'],
                'waived' => [['check' => 'base', 'reason' => 'taught so']],
                'beats' => "glide 6, right palm point of jaw\nlook\nleave 6",
            ],
        ],
        'students' => [
            [
                'id' => 'cy', 'name' => 'Cy', 'rank' => 'low', 'height' => 1.5, 'born' => '2012-02-29',
                'flags' => ['no-neck', 'no-fall'],
            ],
        ],
        'reps' => [
            // The correction stands before what it corrects.
            [
                'id' => '0b7e1f60-5555-4000-8000-000000000002', 'student' => 'cy', 'attack' => 'bag',
                'side' => 'mirrored', 'rung' => 3, 'outcome' => 'late', 'at' => '2026-11-02T19:10:00+02:00',
                'replaces' => '0b7e1f60-5555-4000-8000-000000000001', 'reason' => 'Wrong side.',
                'mistakes' => ['looks down'], 'touched' => 'body', 'seconds' => 2.5, 'stressor' => 'rain',
            ],
            [
                'id' => '0b7e1f60-5555-4000-8000-000000000001', 'student' => 'cy', 'attack' => 'bag',
                'side' => 'mirrored', 'rung' => 3, 'outcome' => 'clean', 'at' => '2026-11-02T19:10:00+02:00',
                'answer' => 'slip', 'source' => 'home',
            ],
        ],
    ];
    $this->bring = fn (array $document): ImportReport => app(ImportCatalogue::class)->import(
        (new CatalogueReader())->read(Yaml::dump($document, 8), Format::Yaml),
        $this->hall,
    );
});

it('keeps everything that a file holds', function (): void {
    ($this->bring)($this->document);
    $kept = app(CatalogueMapper::class)->everything($this->hall->fresh());
    $read = (new CatalogueReader())->read(Yaml::dump($this->document, 8), Format::Yaml);

    expect($kept->catalogue->school)->toEqual($read->catalogue->school)
        ->and($kept->catalogue->kinds)->toEqual($read->catalogue->kinds)
        ->and($kept->catalogue->ranks)->toEqual($read->catalogue->ranks)
        ->and($kept->catalogue->ladder)->toEqual($read->catalogue->ladder)
        ->and($kept->catalogue->attacks)->toEqual($read->catalogue->attacks)
        ->and($kept->catalogue->answers)->toEqual($read->catalogue->answers)
        ->and($kept->reps)->toHaveCount(2)
        ->and($kept->reps[1]->details->replaces)->toBe($kept->reps[0]->id)
        ->and($kept->reps[1]->details->reason)->toBe('Wrong side.')
        ->and($kept->reps[1]->at->getTimestamp())->toBe(gmmktime(17, 10, 0, 11, 2, 2026))
        ->and($kept->students[0]->flags)->toBe(['no-neck', 'no-fall']);
});

it('counts what it did, section by section', function (): void {
    expect(($this->bring)($this->document)->sections())->toBe([
        'school' => ['added' => 0, 'changed' => 1, 'same' => 0],
        'rungs' => ['added' => 2, 'changed' => 0, 'same' => 0],
        'kinds' => ['added' => 1, 'changed' => 0, 'same' => 0],
        'ranks' => ['added' => 2, 'changed' => 0, 'same' => 0],
        'attacks' => ['added' => 1, 'changed' => 0, 'same' => 0],
        'answers' => ['added' => 1, 'changed' => 0, 'same' => 0],
        'students' => ['added' => 1, 'changed' => 0, 'same' => 0],
        'reps' => ['added' => 2, 'changed' => 0, 'same' => 0],
    ]);
    foreach (($this->bring)($this->document)->sections() as $section => $counts) {
        expect($counts['added'] + $counts['changed'])->toBe(0, $section);
    }
});

it('changes what differs and counts its version up', function (): void {
    ($this->bring)($this->document);
    $this->document['attacks'][0]['title'] = 'Strap held';
    $this->document['answers'][0]['pattern'] = ['place' => ['open'], 'kind' => 'any'];
    $report = ($this->bring)($this->document);

    expect($report->sections()['attacks']['changed'])->toBe(1)
        ->and($this->hall->attacks()->firstOrFail()->only('title', 'version'))
        ->toBe(['title' => 'Strap held', 'version' => 2])
        ->and($this->hall->answers()->firstOrFail()->only('pattern', 'version'))
        ->toBe(['pattern' => ['kind' => null, 'place' => ['open']], 'version' => 2])
        ->and($report->sections()['reps'])->toBe(['added' => 0, 'changed' => 0, 'same' => 2]);
});

it('puts the ranks of the file first and lets the others stay above', function (): void {
    ($this->bring)($this->document);
    $this->hall
        ->ranks()
        ->create(['code' => 'top', 'name' => 'Top', 'position' => 2, 'max_beats' => 9, 'goal_rung' => 3]);
    $this->document['ranks'] = [
        ...array_reverse($this->document['ranks']),
        ['id' => 'new', 'name' => 'New', 'max_beats' => 6, 'goal_rung' => 3],
    ];
    $this->document['answers'][0]['short'] = ['rank' => 'up', 'beats' => 1];
    ($this->bring)($this->document);

    expect($this->hall->ranks()->pluck('code')->all())->toBe(['up', 'low', 'new', 'top']);
});

it('lets a school’s own kind into its forms and its wall', function (): void {
    ($this->bring)($this->document);
    $this->actingAs($this->person($this->hall, Role::Head));

    expect(app(CatalogueMapper::class)->kinds($this->hall->fresh())->all())->toHaveCount(
        count(Kinds::builtIn()->all()) + 1,
    );
    $this->get('/attacks/create')->assertSee('Held by the bag strap');
    $this->get('/attacks/facets?kind=strap')->assertSee('Old bags only.')->assertDontSee('value="10"', false);
    $this->get('/attacks/'.$this->hall->attacks()->value('id'))
        ->assertSee('Old bags only.')
        ->assertSee('Empty the bag.')
        ->assertSee('<dd>front</dd>', false);
    $this->get('/wall')->assertOk()->assertSee('Bag strap held');
    $this->get('/answers/'.$this->hall->answers()->value('id'))
        ->assertSee('Accepted: base.')
        ->assertSee('A short form, its first 1 beats and its last one, is taught from Low.');
});

it('shows a ladder of the school’s own rungs', function (): void {
    ($this->bring)($this->document);
    $old = $this->hall
        ->students()
        ->create([
            'code' => 'old',
            'name' => 'Old',
            'rank_id' => $this->hall->ranks()->value('id'),
            'born' => '1980-01-01',
            'flags' => [],
        ]);

    $this->actingAs($this->person($this->hall, Role::Head))
        ->get("/people/{$old->id}")
        ->assertSee('1 Still')
        ->assertSee('3 Loud')
        ->assertDontSee('Shadow');
    $this->get('/record/'.$old->id.'/'.$this->hall->attacks()->value('id').'/written')
        ->assertSee('3 Loud')
        ->assertDontSee('7 Storm');
});
