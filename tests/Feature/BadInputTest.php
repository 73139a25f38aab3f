<?php

declare(strict_types=1);

use App\Models\Role;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
});

it('never breaks on an address that leads nowhere', function (string $path): void {
    expect($this->get($path)->status())->toBeIn([400, 404]);
})->with([
    '/attacks/abc', '/attacks/0', '/attacks/-1', '/attacks/99999999999999999999', '/attacks/1e3', '/answers/1%00',
    '/people/%F0%28%8C%28', '/reps/nonsense/correct', '/reps/------------------------------------/correct',
    '/record/1/2', '/school/export.exe', '/school/export.',
]);

it('never breaks on a list where one value is meant', function (string $method, string $path, array $fields): void {
    $path = strtr($path, [
        '{attack}' => $this->hall->attacks()->value('id'),
        '{answer}' => $this->hall->answers()->value('id'),
        '{student}' => $this->hall->students()->value('id'),
        '{rank}' => $this->hall->ranks()->value('id'),
    ]);
    $input = array_fill_keys($fields, ['a' => ['b']]);
    $response = $this->from('/school')->call(strtoupper($method), $path, $input);

    expect($response->status())->toBeLessThan(500);
    if ($response->isRedirect()) {
        $this->get((string) $response->headers->get('Location'))->assertOk();
    }
})->with([
    'searching attacks' => ['get', '/attacks', ['find', 'family', 'rank', 'side']],
    'searching answers' => ['get', '/answers', ['find']],
    'the wall' => ['get', '/wall', ['form']],
    'facets' => ['get', '/attacks/facets', ['kind', 'hand', 'bearing']],
    'a new answer' => ['get', '/attacks/{attack}/answers/create', ['side']],
    'the workbench' => [
        'post',
        '/attacks/{attack}/workbench',
        ['beats', 'title', 'rank', 'doctrine', 'defender', 'attacker', 'side', 'rung', 'style', 'answer'],
    ],
    'a floor' => ['get', '/answers/{answer}/floor', ['defender', 'attacker', 'side', 'rung', 'style']],
    'first steps' => ['get', '/attacks/{attack}/first-steps', ['strike', 'defender']],
    'a sheet' => ['get', '/answers/{answer}/sheet', ['paper', 'defender']],
    'a drawing' => ['get', '/answers/{answer}/floor.svg', ['beat']],
    'a waiver' => ['post', '/answers/{answer}/waivers', ['check', 'beat', 'reason', 'version']],
    'no waiver' => ['delete', '/answers/{answer}/waivers/no-exit', ['check', 'beat', 'version']],
    'an earlier version' => ['post', '/answers/{answer}/versions/1', ['version']],
    'a line' => ['get', '/attacks/facets', ['line', 'kind']],
    'a rank' => ['put', '/school/ranks/{rank}', ['name', 'max_beats', 'goal_rung']],
]);

it('shows a refused form again though what came was no form at all', function (
    string $page,
    string $method,
    string $path,
    array $fields,
): void {
    $replace = [
        '{attack}' => $this->hall->attacks()->value('id'),
        '{answer}' => $this->hall->answers()->value('id'),
        '{student}' => $this->hall->students()->value('id'),
    ];
    $this->from(strtr($page, $replace))
        ->call(strtoupper($method), strtr($path, $replace), array_fill_keys($fields, [['x']]))
        ->assertRedirect(strtr($page, $replace));

    $this->get(strtr($page, $replace))->assertOk()->assertSee('Not saved.');
})->with([
    'attack' => [
        '/attacks/create',
        'post',
        '/attacks',
        ['title', 'kind', 'hand', 'bearing', 'notes', 'needed_by', 'prevalence'],
    ],
    'attack again' => ['/attacks/{attack}/edit', 'put', '/attacks/{attack}', ['title', 'kind', 'version']],
    'answer' => [
        '/attacks/{attack}/answers/create',
        'post',
        '/attacks/{attack}/answers',
        ['title', 'beats', 'rank', 'mistakes', 'pattern', 'pattern_mode', 'pattern_kind'],
    ],
    'answer again' => [
        '/answers/{answer}/edit',
        'put',
        '/answers/{answer}',
        ['title', 'beats', 'rank', 'mirrored', 'doctrine'],
    ],
    'student' => ['/people/create', 'post', '/people', ['name', 'rank', 'height', 'born', 'flags']],
]);

it('turns away what is no text', function (string $text): void {
    $this->get('/attacks?find='.rawurlencode($text))
        ->assertStatus(400)
        ->assertSee('Request not understood');
    $this->post('/people', ['name' => $text, 'rank' => $this->hall->ranks()->value('id')])->assertStatus(400);
    $this->post('/attacks/'.$this->hall->attacks()->value('id').'/workbench', ['beats' => $text])->assertStatus(
        400,
    );
})->with(['a zero byte' => ["A\0da"], 'half a letter' => ["Ada \xC3"], 'bytes' => ["\xff\xfe"]]);

it('shows what people write as text, not as markup', function (): void {
    $evil = '<img src=x onerror=alert(1)>';
    $this->post('/people', ['name' => $evil, 'rank' => $this->hall->ranks()->value('id')]);

    $this->get('/people')->assertSee($evil)->assertDontSee($evil, false);
    $this->get('/record')->assertDontSee($evil, false);
});

it('refuses a form without its token', function (): void {
    $this->app['env'] = 'production';

    $this->post('/people', ['name' => 'Bo'])
        ->assertStatus(419)
        ->assertSee('This page is too old');
});

it('never breaks on a list where the rest of what was sent is sound', function (): void {
    $answer = $this->hall->answers()->firstOrFail();
    $this->from('/school')
        ->delete("/answers/{$answer->id}/waivers/no-exit", ['version' => $answer->version, 'beat' => ['a' => ['b']]])
        ->assertRedirect("/answers/{$answer->id}");
});
