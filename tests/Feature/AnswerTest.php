<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Role;
use Tests\Feature\AnswerFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Instructor));
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->first = $this->hall->ranks()->firstOrFail();
    $this->gate = $this->hall->answers()->firstOrFail();
});

it('saves an answer in the canonical spelling', function (): void {
    $this->post("/attacks/{$this->wrist->id}/answers", AnswerFixture::answerForm($this->first->id))->assertRedirect();
    $answer = Answer::query()->where('code', 'slack-line')->firstOrFail();

    expect($answer->beats)
        ->toBe("right foot step 1:30, both hands strip toward thumb -> released\n  if not: left knee groin\nleave 6\n")
        ->and($answer->mistakes)->toBe(['leans back', 'waits'])
        ->and($answer->mirrored)->toBeTrue()
        ->and($answer->pattern)->toBe([]);
    $this->get("/answers/{$answer->id}")->assertOk()
        ->assertSee('left foot step 10:30')
        ->assertSee('as written')
        ->assertSee('mirrored');
});

it('closes the hole that it was written for', function (): void {
    $this->get('/wall')->assertSee('2 holes');
    $this->get("/attacks/{$this->wrist->id}/answers/create?side=mirrored")->assertOk()
        ->assertSee('value="these" selected', false);
    $this->post(
        "/attacks/{$this->wrist->id}/answers",
        AnswerFixture::answerForm($this->first->id, [
            'mirrored' => '0',
            'pattern_mode' => ['hand' => 'these', 'bearing' => 'these'],
            'pattern' => ['hand' => ['left'], 'bearing' => ['11', '12', '1']],
        ]),
    );

    expect(Answer::query()->where('code', 'slack-line')->value('pattern'))->toBe([
        'hand' => ['left'],
        'bearing' => ['11', '12', '1'],
    ]);
    $this->actingAs($this->person($this->hall->fresh(), Role::Head))->get('/wall')->assertSee('1 hole');
});

it('refuses what cannot be read, at its line, and keeps it', function (): void {
    $this->from("/attacks/{$this->wrist->id}/answers/create")
        ->post(
            "/attacks/{$this->wrist->id}/answers",
            AnswerFixture::answerForm($this->first->id, ['beats' => "leave 6\nrigth palm chin"]),
        )
        ->assertRedirect()
        ->assertSessionHasErrors([
            'beats' => 'Line 2, column 1: found “rigth”, expected a limb or a movement. Did you mean “right”?',
        ])
        ->assertSessionHasInput('beats', "leave 6\nrigth palm chin");
    $this->get("/attacks/{$this->wrist->id}/answers/create")
        ->assertSee('Not saved.')
        ->assertSee('<mark>rigth</mark>', false);
});

it('refuses', function (array $change, string $field): void {
    $change = array_map(
        fn ($value) => $value === 'SECOND' ? $this->hall->ranks()->skip(1)->firstOrFail()->id : $value,
        $change,
    );
    $this->post(
        "/attacks/{$this->wrist->id}/answers",
        AnswerFixture::answerForm($this->first->id, $change),
    )->assertSessionHasErrors($field);

    expect($this->hall->answers()->count())->toBe(1);
})->with([
    'no title' => [['title' => ''], 'title'],
    'a title in quotes' => [['title' => 'The "gate"'], 'title'],
    'a title that is taken' => [['title' => 'Gate'], 'title'],
    'no beats' => [['beats' => ''], 'beats'],
    '10 MB of beats' => [fn () => ['beats' => str_repeat("leave 6\n", 1_300_000)], 'beats'],
    'beats that are a list' => [['beats' => ['leave 6']], 'beats'],
    'a rank of nobody' => [['rank' => '999999'], 'rank'],
    'half a short form' => [['short_beats' => '2'], 'short_rank'],
    'a short form for later' => [['short_rank' => 'SECOND', 'short_beats' => '1'], 'short_rank'],
    'no doctrine of ours' => [['doctrine' => 'revenge'], 'doctrine'],
    'a hand that is none' => [
        ['pattern_mode' => ['hand' => 'these'], 'pattern' => ['hand' => ['third']]],
        'pattern.hand.0',
    ],
    'no hand at all' => [['pattern_mode' => ['hand' => 'these']], 'pattern.hand'],
]);

it('reads beats while they are typed', function (): void {
    $this->post("/attacks/{$this->wrist->id}/workbench", ['beats' => "left foot step 9\nleave"])->assertOk()
        ->assertSee('Line 2, column 6')
        ->assertSee('data-line="2"', false)
        ->assertSee('hx-swap-oob', false);
    $this->post("/attacks/{$this->wrist->id}/workbench", [
        'beats' => "left foot step 9\n  if far: go to \"Nowhere\" beat 1",
    ])
        ->assertSee('No mistakes in the writing')
        ->assertSee('1 beat,')
        ->assertSee('no answer is called “Nowhere” yet')
        ->assertSee('right foot step 3');
    $this->post("/attacks/{$this->wrist->id}/workbench", [
        'beats' => "leave 6\n  if far: go to \"Gate\" beat 1",
    ])->assertDontSee('no answer is called');
    $this->post("/attacks/{$this->wrist->id}/workbench", ['beats' => ''])->assertSee('checked while you type');
    $this->post("/attacks/{$this->wrist->id}/workbench", ['beats' => '<script>alert(1)</script>'])->assertDontSee(
        '<script>',
        false,
    );
});

it('reads a school’s own words', function (): void {
    $this->hall->update(['aliases' => ['verbs' => ['glide' => 'slide']]]);

    $this->post("/attacks/{$this->wrist->id}/workbench", ['beats' => 'glide 9'])->assertSee(
        'No mistakes in the writing',
    );
});

it('shows a saved answer as it is edited, pattern and all', function (): void {
    $this->put(
        "/answers/{$this->gate->id}",
        AnswerFixture::answerForm($this->first->id, [
            'version' => 1,
            'pattern_mode' => ['place' => 'any', 'thumb' => 'these'],
            'pattern' => ['thumb' => ['up', 'down']],
            'short_rank' => $this->first->id,
            'short_beats' => '1',
        ]),
    )->assertRedirect("/answers/{$this->gate->id}");

    expect($this->gate->fresh()?->only('pattern', 'short_beats', 'version'))->toBe([
        'pattern' => ['thumb' => ['up', 'down'], 'place' => null],
        'short_beats' => 1,
        'version' => 2,
    ]);
    $this->get("/answers/{$this->gate->id}/edit")->assertOk()
        ->assertSee('value="Slack line"', false)
        ->assertSee('No mistakes in the writing');
});

it('tells the second of two who save, and overwrites nothing', function (): void {
    $this->put(
        "/answers/{$this->gate->id}",
        AnswerFixture::answerForm($this->first->id, ['version' => 1, 'beats' => 'leave 3']),
    );
    $this->put(
        "/answers/{$this->gate->id}",
        AnswerFixture::answerForm($this->first->id, ['version' => 1, 'beats' => 'leave 9']),
    )->assertRedirect("/answers/{$this->gate->id}/edit");

    expect($this->gate->fresh()?->beats)->toBe("leave 3\n");
    $this->get("/answers/{$this->gate->id}/edit")
        ->assertSee('saved this at')
        ->assertSee('leave 3')
        ->assertSee('leave 9')
        ->assertSee('name="version" value="2"', false);
});

it('deletes an answer that no rep names, and keeps one that a rep names', function (): void {
    $this->delete("/answers/{$this->gate->id}")
        ->assertRedirect("/answers/{$this->gate->id}")
        ->assertSessionHas('error');
    $this->post("/attacks/{$this->wrist->id}/answers", AnswerFixture::answerForm($this->first->id));
    $answer = Answer::query()->where('code', 'slack-line')->firstOrFail();
    $this->delete("/answers/{$answer->id}")->assertRedirect("/attacks/{$this->wrist->id}");

    expect($this->hall->answers()->pluck('code')->all())->toBe(['gate']);
});

it('lists answers by rank and finds by words and beats', function (): void {
    $this->get('/answers')->assertSee('Introduced at First')->assertSee('Gate');
    $this->get('/answers?find=strip')->assertSee('Gate');
    $this->get('/answers?find=zebra')->assertSee('No answer matches');
    $this->get('/answers?find=%25')->assertSee('No answer matches');
});

it('finds beats as the school says directions', function (): void {
    $step = fn (string $direction) => $this->get('/answers?find='.urlencode("step {$direction}"));
    $step('9')->assertSee('Gate');
    $this->hall->update(['bearings' => 'degrees']);
    $this->actingAs($this->person($this->hall->fresh(), Role::Head));

    $step('270')->assertSee('Gate');
    $step('9')->assertSee('No answer matches');
});
