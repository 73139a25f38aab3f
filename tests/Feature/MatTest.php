<?php

declare(strict_types=1);

use App\Models\Rep;
use App\Models\Role;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\Touched;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->ada = $this->hall->students()->firstOrFail();
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    $this->actingAs($this->assistant = $this->person($this->hall, Role::Assistant));
    $this->rep = fn (int $number, array $more = []): array => [
        'id' => sprintf('0b7e1f60-9999-4000-8000-%012d', $number),
        'student_id' => $this->ada->id,
        'attack_id' => $this->wrist->id,
        'side' => 'written',
        'rung' => 4,
        'outcome' => 'clean',
        'at' => now()->subMinutes(3)->toIso8601String(),
        ...$more,
    ];
    $this->send = fn (array ...$reps) => $this->postJson('/mat/reps', ['reps' => $reps]);
});

it('has with it who can be drilled on what, and how much each is wanted', function (): void {
    $kit = $this->getJson('/mat/kit')->assertOk()->json();
    [$ada] = $kit['students'];
    [$ticket] = $ada['tickets'];
    $gate = $this->hall->answers()->firstOrFail();

    // One clean rep at rung 2 on 2 November; needed by First with prevalence 4, answered on its written side.
    $days = (int) floor((now()->getTimestamp() - strtotime('2026-11-02T19:10:00Z')) / 86_400);
    $urgency = min(3, 1 + $days / 14);
    expect($ada['tickets'])->toHaveCount(1)
        ->and($kit['cells'][$ticket['cell']])
        ->toMatchArray([
            'attack' => $this->wrist->id,
            'side' => 'written',
            'family' => 'grab',
            'need' => 'first',
            'mirrored' => false,
        ])
        ->and($ticket['answers'])->toBe([$gate->id])
        ->and($ticket['holds'])->toBeFalse()
        ->and($ticket['proof'])->toStartWith('building at rung 2, lower bound 0.')
        ->toEndWith(' of 1 try')
        ->and($ticket['weights'])->toHaveCount(7)
        ->and($ticket['factor'])->toEqualWithDelta($urgency, 1e-3)
        // At rung 7 nothing is known: Jeffreys’ prior alone, whose 10 % quantile is sin²(.1 · π ÷ 2).
        ->and($ticket['weights'][6])->toEqualWithDelta(4 * (1 - sin(0.05 * M_PI) ** 2) * $urgency, 1e-3)
        ->and($ticket['weights'][0])->toBeLessThan($ticket['weights'][6])
        ->and($ada['latest'])->toBe(['grab'])
        ->and($ada['barred'])->toBe([])
        ->and($ada['levels'])->toBe(['Throw and stop short: contact.'])
        ->and($ada['goal'])->toBe(2)
        ->and($kit['answers'][$gate->id])
        ->toBe(['title' => 'Gate', 'mistakes' => ['leans back'], 'whatIfs' => [], 'cues' => [], 'shown' => []])
        ->and(array_column($kit['rungs'], 'id'))->toBe([1, 2, 3, 4, 5, 6, 7]);
});

it('says what is drawn from, whether there is time, and who is left out', function (): void {
    $this->post('/mat/forecast', ['people' => [(string) $this->ada->id], 'rung' => '6', 'list' => 'most'])->assertOk()
        ->assertSee('At rung 6, Open draw')
        ->assertSee('Drawn from 1, 0.0 bits; reacts in 0.25 s.');
    $this->post('/mat/forecast', [
        'people' => [(string) $this->ada->id],
        'rung' => '2',
        'list' => 'family:hug',
    ])->assertSee('Nothing on this list for Ada Plover.');
    $this->post('/mat/forecast', ['people' => ['x'], 'rung' => 'zebra', 'list' => ['a']])->assertOk()
        ->assertSee('Tap who is here');
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update(['beats' => "left hand lock wrist -> released\nleave 6\n"]);
    $this->ada->update(['flags' => ['no-wrist-lock']]);
    $this->actingAs($this->assistant->fresh())
        ->post('/mat/forecast', ['people' => [(string) $this->ada->id], 'rung' => '6', 'list' => 'most'])
        ->assertSee('“Wrist held across” is left out for Ada Plover: a wrist lock (flag no-wrist-lock).');
});

it('keeps each rep once, however often it comes', function (): void {
    $before = Rep::count();
    ($this->send)(
        ($this->rep)(1),
        ($this->rep)(2, [
            'outcome' => 'hit',
            'touched' => 'head',
            'mistakes' => ['leans back'],
            'seconds' => 1.4,
            'stressor' => 'noise',
        ]),
    )
        ->assertOk()
        ->assertJson(['kept' => [($this->rep)(1)['id'], ($this->rep)(2)['id']], 'refused' => []]);
    $both = [
        ($this->rep)(1),
        ($this->rep)(2, [
            'outcome' => 'hit',
            'touched' => 'head',
            'mistakes' => ['leans back'],
            'seconds' => 1.4,
            'stressor' => 'noise',
        ]),
    ];
    ($this->send)(...array_reverse($both))->assertJsonCount(2, 'kept');
    ($this->send)(
        ...array_map(fn (array $rep): array => [...$rep, 'id' => strtoupper($rep['id'])], $both),
    )->assertJson([
        'kept' => array_map(fn (array $rep): string => strtoupper($rep['id']), $both),
        'refused' => [],
    ]);

    expect(Rep::count())->toBe($before + 2);
    $rep = Rep::query()->findOrFail(($this->rep)(2)['id']);
    expect($rep->only('outcome', 'touched', 'mistakes', 'seconds', 'stressor', 'recorded_by_id'))
        ->toBe([
            'outcome' => Outcome::Hit,
            'touched' => Touched::Head,
            'mistakes' => ['leans back'],
            'seconds' => 1.4,
            'stressor' => 'noise',
            'recorded_by_id' => $this->assistant->id,
        ])
        ->and(abs($rep->at->diffInSeconds(now()->subMinutes(3))))->toBeLessThan(5);
});

it('keeps what can be kept, and says of the rest why not', function (array $wrong, string $why): void {
    $before = Rep::count();
    $answer = ($this->send)(($this->rep)(1), ($this->rep)(2, $wrong))->assertOk()->json();

    expect($answer['kept'])->toBe([($this->rep)(1)['id']])
        ->and(mb_strtolower($answer['refused'][0]['why']))->toContain(mb_strtolower($why))
        ->and(Rep::count())->toBe($before + 1);
})->with([
    'a rung that is gone' => [['rung' => 9], 'rung'],
    'a student who is gone' => [['student_id' => 999_999_999], 'student'],
    'an outcome of none' => [['outcome' => 'won'], 'outcome'],
    'no moment' => [['at' => 'yesterdayish'], 'not a date that can be read for certain'],
    'a date that can be read two ways' => [['at' => '02.11.2026'], 'not a date that can be read for certain'],
    'a day of long ago' => [['at' => '1999-12-31'], 'older than 2000-01-01'],
    'an answer that is gone' => [['answer_id' => 999_999_999], 'The answer is not in the catalogue any more.'],
    'an id beyond counting' => [['student_id' => 1e30], 'id of a row'],
    'a time beyond an hour' => [['seconds' => 3601], 'seconds'],
    'mistakes by name' => [['mistakes' => ['a' => 'x']], 'mistakes'],
]);

it('takes no rep for another school', function (): void {
    $other = $this->school('Other Hall');
    $answer = ($this->send)(($this->rep)(1, ['student_id' => $other->students()->value('id')]))->json();

    expect($answer['kept'])->toBe([])->and($answer['refused'])->toHaveCount(1);
});

it('lets no clock run ahead of the school’s', function (): void {
    ($this->send)(($this->rep)(1, ['at' => now()->addDays(2)->toIso8601String()]));
    expect(abs(Rep::query()->findOrFail(($this->rep)(1)['id'])->at->diffInSeconds(now())))->toBeLessThan(5);
});

it('answers what is no list of reps, or too long a one, without losing its head', function (mixed $reps): void {
    $this->postJson('/mat/reps', ['reps' => $reps])->assertStatus(422);
})->with([['x'], [null], [fn (): array => array_fill(0, 101, [])]]);

it('refuses each of what is no rep', function (): void {
    $answer = $this->postJson('/mat/reps', ['reps' => ['x', 7, ['id' => ['a']]]])
        ->assertOk()
        ->json();
    expect($answer['kept'])->toBe([])->and($answer['refused'])->toHaveCount(3);
});

it('says to a device that is signed out that it is, and changes nothing of the session', function (): void {
    auth()->logout();
    $this->postJson('/mat/reps', ['reps' => [($this->rep)(1)]], ['HX-Request' => 'true'])->assertUnauthorized();
});

it('leaves a correction that came second to whoever recorded it', function (): void {
    $first = Rep::query()->firstOrFail()->id;
    ($this->send)(($this->rep)(1, ['replaces' => $first, 'reason' => 'seen wrongly']))->assertJsonCount(1, 'kept');
    expect(DB::table('reps')->where('id', ($this->rep)(1)['id'])->value('reason'))->toBe('seen wrongly');
    $answer = ($this->send)(($this->rep)(2, ['replaces' => $first, 'reason' => 'it was late']))->json();
    expect($answer['refused'][0])->toMatchArray([
        'why' => 'This rep has been corrected already, to clean at rung 4. Correct that correction instead.',
        'stored' => ['id' => ($this->rep)(1)['id'], 'rung' => 4, 'outcome' => 'clean'],
    ]);
    ($this->send)(
        ($this->rep)(3, ['replaces' => ($this->rep)(1)['id'], 'reason' => 'it was late', 'outcome' => 'late']),
    )->assertJsonCount(1, 'kept');
});

it('tells of an id that was taken by another content, with what the log has', function (array $other): void {
    ($this->send)(($this->rep)(1, ['seconds' => 1.5]))->assertJsonCount(1, 'kept');
    $answer = ($this->send)(($this->rep)(1, ['seconds' => 1.5, ...$other]))->assertOk()->json();

    expect($answer['kept'])->toBe([])
        ->and($answer['refused'][0])
        ->toMatchArray([
            'id' => ($this->rep)(1)['id'],
            'stored' => ['id' => ($this->rep)(1)['id'], 'rung' => 4, 'outcome' => 'clean'],
        ])
        ->and($answer['refused'][0]['why'])->toContain('in the log already, as clean at rung 4');
})->with([
    'another outcome' => [['outcome' => 'hit']],
    'another rung' => [['rung' => 5]],
    'another side' => [['side' => 'mirrored']],
    'another moment' => [['at' => '2026-01-02T10:00:00Z']],
    'a mistake more' => [['mistakes' => ['leans back']]],
    'another time' => [['seconds' => 1.6]],
    'touched' => [['touched' => 'arm']],
    'a stressor' => [['stressor' => 'noise']],
]);

it('gives a rep to the person who recorded it, whoever sends it', function (): void {
    $token = $this->getJson('/mat/kit')->json('by');
    $this->actingAs($head = $this->person($this->hall, Role::Head));
    ($this->send)(
        ($this->rep)(1, ['by' => $token]),
        ($this->rep)(2),
        ($this->rep)(3, ['by' => $head->id.'.'.str_repeat('0', 64)]),
        ($this->rep)(4, ['by' => ['x']]),
    )->assertJsonCount(4, 'kept');
    $other = $this->person($this->school('Other Hall'), Role::Head);

    expect(Rep::query()->where('id', 'like', '0b7e1f60-9999-%')->orderBy('id')->pluck('recorded_by_id')->all())
        ->toBe([$this->assistant->id, $head->id, $head->id, $head->id])
        ->and(App\View\Drill\Recorder::read(App\View\Drill\Recorder::token($other), $head))->toBe($head);
    $this->assistant->delete();
    expect(App\View\Drill\Recorder::read($token, $head))->toBeNull();
});

it('knows the limits that the school has', function (): void {
    expect($this->getJson('/mat/kit')->json('limits'))->toBe([
        'seconds' => 3600, 'mistakes' => 20, 'mistake' => 300, 'stressor' => 200, 'reason' => 500, 'sentAtOnce' => 100,
    ]);
});

it('knows of a large school those who were here last', function (): void {
    $rank = $this->hall->ranks()->value('id');
    foreach (range(1, 130) as $number) {
        $this->hall
            ->students()
            ->create([
                'code' => "s{$number}",
                'name' => sprintf('Student %03d', $number),
                'rank_id' => $rank,
                'flags' => [],
            ]);
    }
    $last = $this->hall->students()->where('code', 's130')->firstOrFail();
    ($this->send)(($this->rep)(1, ['student_id' => $last->id]));
    $names = array_column($this->getJson('/mat/kit')->json('students'), 'name');

    // Ada has a rep of some weeks ago; the others come by name.
    expect($names)->toHaveCount(120)
        ->and($names)->toContain('Ada Plover', 'Student 001', 'Student 130')
        ->not->toContain('Student 129');
    $this->get('/mat')->assertOk()
        ->assertSee('Not on this page: 11 who have not trained lately')
        ->assertDontSee('Student 0')
        ->assertDontSee('Ada Plover');
    // Whoever is looked for is brought here, on the page and in what it takes along.
    $this->get('/mat?find=student+129')->assertOk()->assertSee('/mat/kit?find=student%20129', false);
    $found = array_column($this->getJson('/mat/kit?find=student+129')->json('students'), 'name');
    expect($found)->toHaveCount(120)->toContain('Student 130', 'Ada Plover')->and($found[0])->toBe('Student 129');
    $this->get('/mat?find=%25')->assertOk()->assertDontSee('Student 129');
    $this->get('/mat?find[]=x')->assertOk();
});

it('draws from the list that is chosen', function (string $list, string $said): void {
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update(['mirrored' => true]);
    $saved = $this->hall->drillLists()->create(['name' => 'Monday']);
    $saved
        ->items()
        ->create([
            'school_id' => $this->hall->id,
            'position' => 1,
            'attack_id' => $this->wrist->id,
            'side' => 'mirrored',
            'differences' => ['place' => 'narrow'],
        ]);
    foreach (range(1, 3) as $number) {
        ($this->send)(($this->rep)($number, ['rung' => 2]));
    }

    $this->post('/mat/forecast', [
        'people' => [(string) $this->ada->id],
        'rung' => '6',
        'list' => str_replace('ID', (string) $saved->id, $list),
    ])
        ->assertOk()
        ->assertSee($said);
})->with([
    'everything' => ['most', 'Drawn from 2,'],
    // The written side is held by three fresh clean tries.
    'what is not held' => ['holes', 'Drawn from 1,'],
    'a saved list' => ['list:ID', 'Drawn from 1,'],
    'a family' => ['family:grab', 'Drawn from 2,'],
    'another family' => ['family:kick', 'Nothing on this list'],
    'what a rank needs' => ['rank:first', 'Drawn from 2,'],
    'a rank of none' => ['rank:zebra', 'Nothing on this list'],
    'a list that is gone' => ['list:999999', 'Nothing on this list'],
]);

it('gives the mat of another device what this one has recorded', function (): void {
    $before = $this->getJson('/mat/kit')->json('students.0.tickets.0.weights');
    foreach (range(1, 3) as $number) {
        ($this->send)(($this->rep)($number, ['rung' => 7]));
    }
    $this->actingAs($this->person($this->hall, Role::Instructor));
    $after = $this->getJson('/mat/kit')->json('students.0');

    // Held at every rung now, and tried today.
    expect($after['tickets'][0]['holds'])->toBeTrue()
        ->and($after['tickets'][0]['factor'])->toBe(1)
        ->and($after['latest'])->toBe(['grab', 'grab']);
    foreach ($after['tickets'][0]['weights'] as $index => $weight) {
        expect($weight)->toBeLessThan($before[$index]);
    }
});

it('gives from what it has kept what it would work out anew', function (): void {
    $students = $this->hall->students()->with('rank')->orderBy('id')->get();
    $by = $this->person($this->hall, Role::Instructor);
    $ask = fn (): array => $this->actingAs($by->fresh())->getJson('/mat/kit')->assertOk()->json();
    $steps = [
        'nothing' => fn (): null => null,
        'nothing new' => fn (): null => null,
        'a rep' => fn () => ($this->send)(($this->rep)(61, ['rung' => 7])),
        'a correction' => fn () => ($this->send)(
            ($this->rep)(62, [
                'rung' => 7,
                'outcome' => 'hit',
                'replaces' => ($this->rep)(61)['id'],
                'reason' => 'seen again',
            ]),
        ),
        'another name' => fn () => $students[0]->update(['name' => 'Ada Another']),
        'a flag' => fn () => $students[0]->update(['flags' => ['no-choke']]),
        'another title' => fn () => $this->hall
            ->attacks()
            ->firstOrFail()
            ->update(['title' => 'Held at the wrist']),
        'an hour' => fn () => $this->travel(61)->minutes(),
        'two weeks' => fn () => $this->travel(14)->days(),
    ];
    foreach ($steps as $name => $step) {
        $step();
        $kept = $ask();
        $this->nextRequest();
        Illuminate\Support\Facades\Cache::flush();
        $anew = $ask();
        expect([...$kept, 'at' => 0, 'by' => 0, 'recorder' => 0])->toBe(
            [...$anew, 'at' => 0, 'by' => 0, 'recorder' => 0],
            $name,
        );
    }
});
