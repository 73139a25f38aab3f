<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Attack;
use App\Models\Role;
use StoneDrill\Core\Attack\Recoil;
use StoneDrill\Core\Exchange\CatalogueReader;
use StoneDrill\Core\Exchange\Format;
use Tests\Feature\AnswerFixture;
use Tests\Feature\AttackFixture;
use Tests\Feature\WallFixture;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    [$this->first, $this->second] = $this->hall->ranks()->orderBy('position')->get()->all();
    $this->gate = $this->hall->answers()->firstOrFail();
    $this->send = fn (array $with, ?Answer $answer = null): Illuminate\Testing\TestResponse => $answer === null
        ? $this->from('/answers')->post(
            "/attacks/{$this->wrist->id}/answers",
            AnswerFixture::answerForm($this->first->id, $with),
        )
        : $this->from('/answers')->put(
            "/answers/{$answer->id}",
            AnswerFixture::answerForm($this->first->id, [
                'title' => $answer->title,
                'version' => (string) $answer->version,
                ...$with,
            ]),
        );
});

it('keeps mistakes with what is done instead, and tells what that breaks', function (): void {
    ($this->send)([
        'beats' => "left hand strip toward thumb -> released\nleave 6",
        'mistakes' => "pulls at the fingers | 1: left hand strip toward fingers / look\nwaits",
    ])->assertSessionHasNoErrors();
    $answer = Answer::query()->where('code', 'slack-line')->firstOrFail();

    expect($answer->mistakes)->toBe(['pulls at the fingers', 'waits'])
        ->and($answer->instead)
        ->toBe(['pulls at the fingers' => ['at' => 1, 'instead' => "left hand strip toward fingers\nlook\n"]]);
    $this->get("/answers/{$answer->id}")->assertOk()
        ->assertSeeInOrder([
            'Usual mistakes',
            'pulls at the fingers',
            'instead of beat 1: left hand strip toward fingers / look',
            'Leaves with a hold on',
            'waits',
        ]);
    $this->get("/answers/{$answer->id}/edit")->assertSee(
        'pulls at the fingers | 1: left hand strip toward fingers / look',
    );
    $this->get("/answers/{$answer->id}/sheet")->assertOk()
        ->assertSee('pulls at the fingers · waits')
        ->assertSee('For the attacker');
});

it('refuses mistakes that cannot be shown, and says how they are written', function (
    string $mistakes,
    string $error,
): void {
    ($this->send)(['beats' => "left hand strip toward thumb -> released\nleave 6", 'mistakes' => $mistakes])
        ->assertSessionHasErrors(['mistakes' => $error])
        ->assertSessionHasInput('mistakes', $mistakes);
})->with([
    'a beat that is not there' => [
        "waits\nlate | 3: look",
        'Mistake on line 2: after “|” write the number of a beat from 1 to 2, a colon, and what is done instead, such as “| 2: right palm chin”.',
    ],
    'no beat' => [
        'late | look',
        'Mistake on line 1: after “|” write the number of a beat from 1 to 2, a colon, and what is done instead, such as “| 2: right palm chin”.',
    ],
    'beats that cannot be read' => [
        'late | 1: right palm face',
        'Mistake on line 1, what is done instead: Line 1, column 12: found “face”, expected a target such as chin, groin or wrist. Did you mean “nose”?',
    ],
]);

it('knows for whom a beat can read otherwise', function (): void {
    ($this->send)([
        'beats' => "left hand strip toward thumb -> released\n  for zebra: look\nleave 6",
    ])->assertSessionHasErrors([
        'beats' => '“for zebra:” names no rank of this school. Write “for youth:” or one of: First, Second.',
    ]);
    ($this->send)([
        'beats'
            => "left hand strip toward thumb -> released\n  for youth: left hand strip toward thumb\n  for second: look\nmaybe: right palm chin\nleave 6",
    ])->assertSessionHasNoErrors();
});

it('keeps who learns it under 16, and what it is a variant of', function (): void {
    ($this->send)([
        'rank_youth' => (string) $this->second->id,
        'variant_of' => (string) $this->gate->id,
    ])->assertSessionHasNoErrors();
    $answer = Answer::query()->where('code', 'slack-line')->firstOrFail();
    expect([$answer->rank_youth_id, $answer->is_for_youth, $answer->variant_of_id])->toBe([
        $this->second->id,
        true,
        $this->gate->id,
    ]);
    $this->get("/answers/{$answer->id}")->assertSeeInOrder(['Variant of', $this->gate->title]);
    $this->get("/answers/{$this->gate->id}")->assertSeeInOrder(['Variants of it', $answer->title]);

    ($this->send)(['variant_of' => (string) $answer->id], $this->gate)->assertSessionHasErrors([
        'variant_of' => 'That answer is itself a variant of this one.',
    ]);
    ($this->send)(['rank_youth' => 'none'], $answer)->assertSessionHasNoErrors();
    expect($answer->fresh()->is_for_youth)->toBeFalse();

    // Exported, the file says the same.
    $file = (new CatalogueReader())->read(
        (string) $this->get('/school/export.yaml')->assertOk()->getContent(),
        Format::Yaml,
    );
    $exported = array_column($file->catalogue->answers, null, 'id')['slack-line']->teaching;
    expect([$exported->rankYouth, $exported->variantOf])->toBe(['none', null]);
});

it('shows the wall of those under 16', function (): void {
    $this->gate->update(['rank_youth_id' => null, 'is_for_youth' => false]);
    $this->get('/wall?youth=1')->assertOk()
        ->assertSee('Under 16')
        ->assertSee('Weak spots are looked for on the wall of adults.');

    $youth = WallFixture::wallAt($this->hall->fresh(), 'youth=1');
    $adults = WallFixture::wallAt($this->hall->fresh(), '');
    expect($youth->cells[0]->taughtAt)->toBeNull()
        ->and($adults->cells[0]->taughtAt)->toBe('first')
        ->and($youth->coverage->coveredBy('second'))->toBe(0.0);
});

it('cracks the stone of what is taught and does not work, and tells both shares', function (): void {
    $this->gate->update(['beats' => "left hand strip toward fingers\nleave 6"]);
    $wall = WallFixture::wallAt($this->hall->fresh(), '');

    expect($wall->picture->stones[0]->state->value)->toBe('cracked first')
        ->and($wall->picture->stones[0]->label->text)->toContain('Taught, but it does not work on the floor: “Gate”.')
        ->and($wall->picture->stones[0]->label->number)->not->toBeNull()
        ->and($wall->picture->stones[0]->crack())->toStartWith('M')
        ->and(array_column($wall->picture->courses[1]['notes'], 'text'))->toBe(['0 % works', '50 % taught']);
    $this->get('/wall?form=table')->assertOk()->assertSee('Gate</a> (does not work)', false);
    $this->get("/attacks/{$this->wrist->id}")->assertOk()
        ->assertSee('As written: taught, but nothing works')
        ->assertSee('does not work');
    $this->get('/attacks')->assertOk()->assertSee('does not work');
    $this->get('/wall/cross?down=hand&across=family')->assertSeeInOrder(['0 %', '50 % taught']);
});

it('tells the attacker how to attack, and what is in reach', function (): void {
    $this->put("/attacks/{$this->wrist->id}", AttackFixture::attackForm(['recoil' => 'zebra']))->assertSessionHasErrors(
        'recoil',
    );
    $this->post(
        '/attacks',
        AttackFixture::attackForm([
            'title' => 'A punch', 'kind' => 'punch-straight', 'thumb' => 'n/a', 'phase' => 'reaching',
            'intent' => 'strike', 'recoil' => 'pulled-back',
        ]),
    )->assertSessionHasNoErrors();
    $punch = Attack::query()->where('title', 'A punch')->firstOrFail();

    expect($punch->recoil)->toBe(Recoil::PulledBack);
    $this->get("/attacks/{$punch->id}")->assertOk()
        ->assertSeeInOrder([
            'For the attacker',
            'At full pace it arrives 0.45 s after its first sign.',
            'Pull the arm back at once.',
            'Say “A punch” before you begin',
        ]);
    $this->get("/attacks/{$this->wrist->id}")
        ->assertSee('What your free limbs reach from here')
        ->assertSee('left hand fingertips to the chin (')
        ->assertDontSee('right hand fingertips to the chin');

    $kit = $this->getJson('/mat/kit')->assertOk()->json();
    expect($kit['cells'][0]['card'])->toStartWith('Take the hold as it is meant')
        ->and($kit['cells'][0]['reach'])->toContain('left hand')
        ->not->toMatch('/to (chin|eyes|throat|neck|spine|knee|hand|wrist)/');
});

it('tells what is called for a beat', function (): void {
    $this->gate->update(['beats' => "left hand strip toward thumb -> released   # !Off\nleave 6   # look around"]);

    $this->get("/answers/{$this->gate->id}")->assertOk()
        ->assertSee('Called: “Off”.')
        ->assertDontSee('Called: “look around”');
    $this->get("/answers/{$this->gate->id}/sheet")->assertOk()
        ->assertSee('Called: “Off”');
    expect($this->getJson('/mat/kit')->assertOk()->json()['answers'][$this->gate->id]['cues'])->toBe(['Off']);
});

it('completes the words of every line that the notation knows', function (): void {
    preg_match(
        '/data-words="([^"]*)"/',
        $this->get("/attacks/{$this->wrist->id}/answers/create")->assertOk()
            ->getContent(),
        $match,
    );
    $words = json_decode(html_entity_decode($match[1]), true, flags: JSON_THROW_ON_ERROR);

    expect($words)->toContain(
        'maybe:',
        'for youth:',
        'if taller:',
        'if shorter:',
        'held hand',
        'go behind left',
        'all fours',
        'raise',
        'lower',
        'ride',
        'and',
        'facing',
        'go to',
    );
    ($this->send)([
        'beats'
            => "held hand strip toward thumb -> released and turned\n  if taller:\n    ride\nmaybe: go behind left\nright hand raise\nright hand lower\nleave 6 facing 12",
    ])->assertSessionHasNoErrors();
});
