<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use App\View\Texts;
use Illuminate\Support\Facades\Blade;
use Illuminate\Support\Facades\Lang;
use Illuminate\Support\Str;
use StoneDrill\Core\Text;

it('says a text with its values, however deep', function (): void {
    Lang::addLines(
        ['try.inner' => 'the :side hand', 'try.outer' => ':Who holds :what', 'try.many' => ':count hand|:count hands'],
        'en',
    );

    expect(say(Text::of('try.inner', ['side' => 'left'])))->toBe('the left hand')
        ->and(say(Text::of('try.outer', ['who' => 'somebody', 'what' => Text::of('try.inner', ['side' => 'left'])])))
        ->toBe('Somebody holds the left hand')
        ->and(
            say(
                Text::of('try.outer', [
                    'who' => 'x',
                    'what' => [Text::of('try.inner', ['side' => 'left']), 'a sleeve'],
                ]),
            ),
        )
        ->toBe('X holds the left hand, a sleeve')
        ->and(say(Text::counted('try.many', 1)))->toBe('1 hand')
        ->and(say(Text::counted('try.many', 3)))->toBe('3 hands')
        ->and(say(Text::plain('As a school wrote it: :side')))->toBe('As a school wrote it: :side')
        ->and(say('words'))->toBe('words')
        ->and(say(null))->toBe('');
});

it('says every text of a document', function (): void {
    Lang::addLines(['try.inner' => 'the :side hand'], 'en');
    $document = ['a' => 1, 'b' => ['c' => Text::of('try.inner', ['side' => 'left']), 'd' => [null, 'words']]];

    expect(app(Texts::class)->sayAll($document))->toBe([
        'a' => 1,
        'b' => ['c' => 'the left hand', 'd' => [null, 'words']],
    ]);
});

it('is said by Blade itself, escaped', function (): void {
    expect(Blade::render('<p>{{ $text }}</p>', ['text' => Text::plain('<b>“x”</b>')]))->toBe(
        '<p>&lt;b&gt;“x”&lt;/b&gt;</p>',
    );
});

it('shows a key that has no words, and goes on', function (): void {
    app('translator')->handleMissingKeysUsing(null);
    expect(say(Text::of('nowhere.to-be-found', ['a' => 1])))->toBe('nowhere.to-be-found')
        ->and(say(Text::counted('nowhere.to-be-found', 2)))->toBe('nowhere.to-be-found');

    $hall = $this->school();
    $this->actingAs($this->person($hall, Role::Head));
    app('translator')->setLoaded([
        '*' => ['wall' => ['en' => []], 'words' => ['en' => []], 'layout' => ['en' => ['shortcuts' => []]]],
    ]);
    $this->get('/wall')->assertOk()->assertSee('wall.title');
});

it('reads what a page of an earlier release sends', function (): void {
    $hall = $this->school();
    $this->actingAs($this->person($hall, Role::Assistant));
    $rep = [
        'student_id' => $hall->students()->value('id'),
        'attack_id' => $hall->attacks()->where('code', 'wrist')->value('id'),
        'side' => 'written',
        'rung' => 3,
        'outcome' => 'late',
        'faults' => ['Leans back'],
    ];
    $this->post('/reps', [...$rep, 'id' => ($one = (string) Str::uuid())])->assertRedirect();
    $this->postJson('/mat/reps', [
        'reps' => [[...$rep, 'id' => ($other = Str::upper((string) Str::uuid()))]],
    ])->assertJson(['kept' => [$other], 'refused' => []]);

    expect(Rep::query()->findOrFail($one)->mistakes)->toBe(['Leans back'])
        ->and(Rep::query()->findOrFail(Str::lower($other))->mistakes)->toBe(['Leans back']);
});
