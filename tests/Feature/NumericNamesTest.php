<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Models\Role;
use App\Models\School;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\CatalogueWriter;
use StoneDrill\Core\Exchange\Format;

// An id that is a number is a text all the same, and a rank may be called “None”.
beforeEach(function (): void {
    $this->hall = School::create(['name' => 'Numbered Hall', 'doctrine' => 'escape']);
    $this->file = str_replace(
        [
            'id: first', 'needed_by: first', 'rank: first', 'id: second', 'needed_by: second', 'id: wrist',
            'attack: wrist', 'id: hug', 'id: gate', 'answer: gate', 'ada-plover', 'name: First', 'name: Second',
        ],
        [
            'id: "1"', 'needed_by: "1"', 'rank: "1"', 'id: "2"', 'needed_by: "2"', 'id: "3"', 'attack: "3"', 'id: "4"',
            'id: "5"', 'answer: "5"', '"6"', 'name: "1"', 'name: None',
        ],
        (string) file_get_contents(base_path('tests/fixtures/small.yaml')),
    );
    $this->file .= <<<'YAML'
        basics:
          - { id: "7", name: "7", kind: strike, word: palm, rank: "1", mistakes: ["8"] }
        forms:
          - { id: "9", title: "9", rank: "1", beats: "right palm chin\nleave 6" }
        classes:
          - { id: "10", at: "2026-12-07T19:00:00+00:00", minutes: 60, expected: { ranks: ["1"] }, present: ["6"] }
          - { id: "11", at: "2026-11-02T19:00:00+00:00", minutes: 60 }
        tests:
          - { id: "12", rank: "1", at: "2026-12-20T10:00:00+00:00", candidates: ["6"], classes: ["10"] }

        YAML;
    app(ImportCatalogue::class)->import((new CatalogueReader())->read($this->file, Format::Yaml), $this->hall);
    $this->hall = $this->hall->fresh();
    $this->actingAs($this->person($this->hall, Role::Head));
});

it('shows every page', function (string $path): void {
    $path = strtr($path, [
        '{attack}' => $this->hall->attacks()->value('id'),
        '{answer}' => $this->hall->answers()->value('id'),
        '{student}' => $this->hall->students()->value('id'),
        '{rep}' => $this->hall->reps()->value('id'),
        '{basic}' => $this->hall->basics()->value('id'),
        '{class}' => $this->hall->classes()->where('code', '10')->value('id'),
        '{over}' => $this->hall->classes()->where('code', '11')->value('id'),
        '{test}' => $this->hall->tests()->value('id'),
        '{rank}' => $this->hall->ranks()->value('id'),
    ]);

    $this->get($path)->assertOk();
})->with([
    '/wall', '/wall?form=table', '/wall?from=1&to=2', '/wall.svg', '/wall.csv', '/wall/ranks', '/wall/cross',
    '/wall/holes', '/wall/fewest', '/wall/fewest?rank=2', '/attacks', '/attacks?rank=1&side=one', '/attacks/create',
    '/attacks/{attack}', '/attacks/{attack}/edit', '/attacks/{attack}/proof', '/attacks/{attack}/answers/create',
    '/attacks/{attack}/first-steps', '/answers', '/answers/{answer}', '/answers/{answer}/edit',
    '/answers/{answer}/placement', '/answers/{answer}/placement?rank=2', '/answers/{answer}/floor',
    '/answers/{answer}/sheet', '/answers/{answer}/sheet.pdf', '/drill-lists', '/drill-lists/create', '/board',
    '/board?rank=1', '/board/mistakes', '/people', '/people/create', '/people/reps', '/people/reps.csv',
    '/people/{student}', '/people/{student}/edit', '/mat', '/mat/kit', '/mat/plans', '/record', '/record/{student}',
    '/record/{student}/{attack}/written', '/reps/{rep}/correct', '/school', '/school/export.yaml',
    '/school/export.json', '/wall/rose', '/wall/rose?at=2', '/wall/cross?rank=1', '/wall/basics/strip', '/evidence',
    '/evidence.csv', '/evidence/partners.csv', '/evidence/weeks.csv', '/attacks/{attack}/evidence', '/attacks/{attack}/holes',
    '/answers/{answer}/evidence', '/answers/{answer}/beside', '/answers/{answer}/tape.pdf', '/basics', '/basics/create',
    '/basics.pdf', '/basics/{basic}', '/basics/{basic}/edit', '/board/progress', '/board.svg', '/people/{student}/own',
    '/people/{student}/home', '/people/{student}/home.pdf', '/people/{student}/ladder.svg', '/people/{student}/log',
    '/people/{student}/data', '/people/{student}/data.json', '/people/file', '/people/file/people.csv', '/classes',
    '/classes/create', '/classes/{class}', '/classes/{class}/edit', '/classes/{class}/sheet', '/classes/{over}',
    '/classes/{over}/done', '/tests', '/tests/create', '/tests/{test}', '/tests/{test}/edit', '/tests/{test}/season',
    '/tests/{test}/sheet.pdf', '/tests/{test}/{student}', '/school/settings', '/school/starters/leave-at-once',
    '/school/starters/attacks-only', '/school/accounts', '/school/log', '/school/jobs', '/school/tablets',
    '/school/kinds/create', '/record/{student}/{attack}/mirrored',
]);

it('draws, records and exports', function (): void {
    $student = $this->hall->students()->value('id');
    $this->post('/mat/forecast', ['people' => [(string) $student], 'rung' => '4', 'list' => 'rank:1'])->assertOk()
        ->assertSee('Drawn from 1');
    $this->post('/reps', [
        'id' => '0b7e1f60-2222-4000-8000-000000000001',
        'student_id' => $student,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 4,
        'outcome' => 'clean',
    ])->assertSessionHas('status');
    $catalogue = (new CatalogueReader())->read($this->file, Format::Yaml);
    expect((new CatalogueReader())->read((new CatalogueWriter())->write($catalogue, Format::Yaml), Format::Yaml))
        ->toEqual($catalogue)
        ->and((string) $this->get('/school/export.json')->getContent())->toContain('"None"');
});

it('answers on the command line', function (string ...$words): void {
    $file = tempnam(sys_get_temp_dir(), 'drill').'.yaml';
    file_put_contents($file, $this->file);
    $process = new Symfony\Component\Process\Process([
        'php',
        base_path('bin/drill.php'),
        $words[0],
        $file,
        ...array_slice($words, 1),
        '--json',
    ]);
    $process->run();
    unlink($file);

    expect($process->getErrorOutput())->toBe('')
        ->and($process->getExitCode())->toBe(0)
        ->and(json_decode($process->getOutput(), true))->toBeArray();
})->with([
    ['check'],
    ['check', '--answer=5'],
    ['situation', '--attack=3'],
    ['coverage'],
    ['coverage', '--rank=1'],
    ['fewest', '--rank=2', '--cover=0.1'],
    ['proof', '--at=2026-11-24'],
    ['draw', '--student=6', '--rung=4', '--seed=3', '--at=2026-11-24'],
    ['plan', '--class=10'],
    ['ready', '--student=6', '--rank=1', '--at=2026-11-24'],
    ['season', '--test=12', '--at=2026-11-24'],
    ['evidence', '--at=2026-11-24', '--answer=5'],
]);

it('tells programs the same', function (string $path): void {
    $this->getJson("/api/v1{$path}", [
        'Authorization' => 'Bearer '.$this->hall->users()->firstOrFail()->createToken('x', ['read'])->plainTextToken,
    ])->assertOk();
})->with([
    '/school', '/attacks', '/answers', '/coverage?rank=2', '/students', '/students/6/proofs', '/classes', '/tests',
    '/reps', '/evidence', '/answers/5/check', '/attacks/3/situation', '/fewest?rank=1', '/students/6/draw?rung=2',
    '/students/6/ready?rank=1', '/classes/10/plan', '/tests/12/season',
]);

it('takes over a starter, changes a class and marks a test', function (): void {
    $starter = (new CatalogueReader())->read(
        (string) file_get_contents(database_path('starters/leave-at-once.yaml')),
        Format::Yaml,
    );
    $this->post('/school/starters/leave-at-once', [
        'ranks' => array_fill_keys(array_column($starter->catalogue->ranks, 'id'), '2'),
    ])->assertSessionHasNoErrors()->assertSessionHas('status');
    expect($this->hall->attacks()->count())->toBe(2 + count($starter->catalogue->attacks));
    foreach (['/wall', '/school/starters/leave-at-once'] as $path) {
        $this->get($path)->assertOk();
    }

    $class = $this->hall->classes()->where('code', '10')->firstOrFail();
    $this->put("/classes/{$class->id}/taught", ['version' => $class->version, 'answer' => '5', 'change' => 'teach'])
        ->assertSessionHasNoErrors()
        ->assertRedirect();
    $this->put("/classes/{$class->id}/attendance", ['present' => $this->hall->students()->pluck('id')->all()])
        ->assertSessionHasNoErrors();
    expect($class->fresh()->teach)->toBe(['5']);
    $this->get("/classes/{$class->id}")->assertOk()->assertSee('worth');
    $this->get('/mat/plans')->assertOk();
});
