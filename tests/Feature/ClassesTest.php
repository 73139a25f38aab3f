<?php

declare(strict_types=1);

use App\Actions\RecordReps;
use App\Models\Role;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use App\View\Classes\WhoComes;
use Carbon\CarbonImmutable;
use Tests\Feature\ClassesFixture;

beforeEach(fn () => ClassesFixture::begin($this));

it('plans a class in one press', function (): void {
    ($this->add)(6);
    $answer = $this->hall->answers()->firstOrFail();
    $answer->update([
        'beats'
            => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
    ]);
    $class = ($this->plan)();

    $this->actingAs($this->person($this->hall, Role::Assistant))
        ->get("/classes/{$class->id}")
        ->assertOk()
        ->assertDontSee('Longer')
        ->assertDontSee('<th scope="col">Change</th>', false);
    $this->actingAs($this->person($this->hall, Role::Head))
        ->get('/school/log')
        ->assertSee('Class “2026-12-01 19:00” added');
    $this->actingAs($this->instructor)
        ->get('/classes')
        ->assertOk()
        ->assertSee('Tue 1 Dec 2026, 19:00')
        ->assertSee('Salt Hall');
    // 60 minutes by hand: 3, 9, 18, 15, 12, 3.
    $page = $this->get("/classes/{$class->id}")
        ->assertOk()
        ->assertSeeInOrder([
            '19:00', 'Gather and safety', '19:03', 'Basics', '19:12', 'Teach', '19:30', 'Drill', '19:45', 'Pressure',
            '19:57', 'Close',
        ])
        ->assertSee('7 students')
        ->assertSee('What is taught')
        ->assertSee($answer->title)
        ->assertSee('have never tried it');
    $this->get("/classes/{$class->id}/sheet")->assertOk()
        ->assertSee('Round 5')
        ->assertSee($answer->title)
        ->assertDontSee('Save who is here');
    // Seven: a three in each round, and five rounds in 15 minutes.
    $page->assertSee('as third')->assertSee('Round 5')->assertDontSee('Round 6');
});

it('divides a class as the school does', function (): void {
    $this->hall->update(['class_habits' => ['shares' => ['pressure' => 0.6], 'teach' => 'long', 'between' => -3]]);
    $class = ($this->plan)();

    // 2, 6, 13, 11, 26, 2; what cannot be read is as usual.
    $this->get("/classes/{$class->id}")->assertOk()
        ->assertSeeInOrder(['19:00', 'Gather', '19:02', 'Basics', '19:08', 'Teach', '19:21', 'Drill', '19:32', 'Pressure', '19:58', 'Close']);
    expect($class->fresh()->facts()->habits->teach)->toBe(4)
        ->and($class->fresh()->facts()->habits->between)->toBe(12.0);
});

it('has pairs take turns where there are fewer pads', function (): void {
    ($this->add)(9);
    $tries = static fn (string $page): array => preg_match_all('/time for (\d+) tr/', $page, $found) ? $found[1] : [];
    $enough = ($this->plan)();
    $few = ($this->plan)(['at' => '2026-12-02T19:00', 'pads' => '2']);
    [$drill, $pressure] = $tries($this->get("/classes/{$enough->id}")->assertDontSee('take turns')->getContent());
    $page = $this->get("/classes/{$few->id}")
        ->assertSee('2 pads for 5 pairs: under pressure they take turns.')
        ->getContent();

    // Ten people are five pairs: two of five work at once, in the same twelve minutes.
    expect($tries($page))->toHaveCount(2)->and($tries($page)[0])->toBe($drill)
        ->and((int) $tries($page)[1])->toBeGreaterThanOrEqual(intdiv(2 * (int) $pressure, 5))
        ->and((int) $tries($page)[1])->toBeLessThanOrEqual(intdiv(2 * ((int) $pressure + 1), 5));
    $this->get("/classes/{$few->id}/sheet")->assertSee('2 pads for 5 pairs');
    $this->get('/classes/create')->assertSee('name="pads"', false);
    $save = fn (string $pads) => $this->put(
        "/classes/{$few->id}",
        ($this->form)(['version' => $few->version, 'pads' => $pads]),
    );
    $save('0')->assertSessionHasErrors('pads');
    $save('')->assertSessionHasNoErrors();
    expect([$few->pads, $few->fresh()->pads])->toBe([2, null]);
});

it('plans for those who came, once somebody is marked', function (): void {
    ($this->add)(4);
    $class = ($this->plan)();
    $here = $this->hall->students()->limit(2)->pluck('id')->all();

    $this->actingAs($this->person($this->hall, Role::Assistant))
        ->put("/classes/{$class->id}/attendance", ['present' => $here])
        ->assertSessionHas('status', '2 are here. The plan is for them.');
    $this->get("/classes/{$class->id}")
        ->assertSee('2 students')
        ->assertSee('Round 1');
    expect($this->hall->log()->where('event', 'attendance')->count())->toBe(1);
    $this->put("/classes/{$class->id}/attendance", ['shown' => $here])->assertSessionHas(
        'status',
        'Nobody is marked as here: the plan is for those who are expected.',
    );
    $this->get("/classes/{$class->id}")->assertSee('5 students');
});

it('works the other blocks out again when one is changed', function (): void {
    $class = ($this->plan)();
    $page = fn () => $this->get("/classes/{$class->id}");
    ($this->change)($class, 'longer', ['block' => 2])->assertRedirect("/classes/{$class->id}#timetable");
    // Teach is 19: 41 are left for 5, 15, 25, 20, 5 of 70: 2.93, 8.79, 14.64, 11.71, 2.93.
    $page()->assertSeeInOrder([
        '19:00', 'Gather', '19:03', 'Basics', '19:12', 'Teach', 'fixed', '19:31', 'Drill', '19:45', 'Pressure', '19:57',
        'Close',
    ]);
    ($this->change)($class, 'unlock', ['block' => 2]);
    ($this->change)($class, 'drop', ['block' => 1]);
    expect(array_column(($this->minutes)($class), 'kind'))->toBe(['gather', 'teach', 'drill', 'pressure', 'close']);
    ($this->change)($class, 'later', ['block' => 1]);
    expect(array_column(($this->minutes)($class), 'kind'))->toBe(['gather', 'drill', 'teach', 'pressure', 'close']);
    ($this->change)($class, 'earlier', ['block' => 0])->assertRedirect();
    ($this->change)($class, 'add', ['kind' => 'drill']);
    expect(array_column(($this->minutes)($class), 'kind'))->toBe([
        'gather', 'drill', 'teach', 'pressure', 'close', 'drill',
    ]);
    ($this->change)($class, 'reset');
    expect($class->fresh()->blocks)->toBeNull();
});

it('lets nobody change over another’s change', function (): void {
    $class = ($this->plan)();
    $this->put("/classes/{$class->id}/blocks", ['version' => 1, 'change' => 'drop', 'block' => 1]);
    $other = $this->person($this->hall, Role::Head);
    $this->actingAs($other)
        ->put("/classes/{$class->id}/blocks", ['version' => 1, 'change' => 'drop', 'block' => 1])
        ->assertSessionHas('overtaken');
    expect(count(($this->minutes)($class)))->toBe(5);
    $this->put("/classes/{$class->id}", [...($this->form)(['place' => 'Elsewhere']), 'version' => 1])->assertSessionHas(
        'overtaken',
    );
    $this->get("/classes/{$class->id}/edit")->assertOk()
        ->assertSee('Elsewhere')
        ->assertSee($this->instructor->name);
    $this->put("/classes/{$class->id}", [...($this->form)(['place' => 'Elsewhere']), 'version' => 2])->assertRedirect(
        "/classes/{$class->id}",
    );
    expect($class->fresh()->place)->toBe('Elsewhere');
});

it('says what is wrong with a class, and keeps what was typed', function (array $with, string $field): void {
    $this->actingAs($this->instructor)
        ->from('/classes/create')
        ->post('/classes', ($this->form)($with))
        ->assertRedirect('/classes/create')
        ->assertSessionHasErrors($field)
        ->assertSessionHasInput('place', 'Salt Hall');
    expect(TrainingClass::count())->toBe(0);
})->with([
    'no time' => [['at' => ''], 'at'],
    'a time that is none' => [['at' => '2026-13-40T99:00'], 'at'],
    'a list' => [['at' => ['x']], 'at'],
    'four minutes' => [['minutes' => '4'], 'minutes'],
    'nobody teaches' => [['instructors' => '0'], 'instructors'],
    'a rank of another school' => [['ranks' => ['obsidian']], 'ranks.0'],
    'an age that is none' => [['ages' => 'old'], 'ages'],
    'somebody of another school' => [['named' => ['999999999']], 'named.0'],
    'places beyond all' => [['places' => '1000'], 'places'],
]);

it('plans for those under 16, for those above, and for whom it names', function (): void {
    ($this->add)(4);
    $born = ['first-1' => '2018-01-01', 'first-2' => '2010-12-02', 'first-3' => '2010-12-01'];
    foreach ($born as $code => $day) {
        $this->hall->students()->where('code', $code)->update(['born' => $day]);
    }
    $this->hall->students()->where('code', 'ada-plover')->update(['born' => null]);
    $came = function (array $with): array {
        $class = ($this->plan)($with);
        $here = WhoComes::to($class)->pluck('code')->sort()->values()->all();
        // As the file of the school has it.
        $file = app(CatalogueMapper::class)->everything($this->hall->fresh());
        $planned = array_column($file->classes, null, 'id')[$class->code];
        $expected = array_filter(
            $file->students,
            static fn ($student): bool => $planned->expected->includes($student, $planned->at),
        );
        expect($here)->toEqualCanonicalizing(array_column($expected, 'id'));

        return $here;
    };
    $id = fn (string $code): int => $this->hall->students()->where('code', $code)->value('id');

    // 16 on the day of the class, one is no youth any more.
    expect($came(['ages' => 'under-16']))->toBe(['first-1', 'first-2'])
        ->and($came(['ages' => 'from-16', 'ranks' => ['first']]))->toContain('ada-plover', 'first-3', 'first-4')
        ->not->toContain('first-1', 'first-2')
        ->and($came(['named' => [$id('first-4'), $id('first-1')]]))->toBe(['first-1', 'first-4'])
        ->and($came(['ages' => 'under-16', 'named' => [$id('first-4')]]))->toBe(['first-1', 'first-2', 'first-4']);
    $class = $this->hall->classes()->latest('id')->firstOrFail();
    $this->get('/classes')->assertOk()->assertSee('under 16, First 4')->assertSee('First 1, First 4');
    $this->get("/classes/{$class->id}/edit")
        ->assertOk()
        ->assertSee('By name (1)')
        ->assertSee('value="under-16" selected', false);
    $this->get("/classes/{$class->id}")->assertSee('60 min · Salt Hall · under 16, First 4 · 3 students');
    // The next class begins with whom the last was for.
    $this->get('/classes/create')->assertSee('value="under-16" selected', false)->assertSee('By name (1)');
});

it('plans for nobody, for one, for sixty, for five minutes, and in the past', function (
    int $people,
    array $with,
    string $said,
): void {
    $this->hall->students()->update(['erased_at' => now()]);
    if ($people > 0) {
        ($this->add)($people);
    }
    $class = ($this->plan)($with);

    $this->get("/classes/{$class->id}")->assertOk()
        ->assertSee($said);
})->with([
    'nobody' => [0, [], 'Nobody is expected.'],
    'a rank in which nobody is' => [2, ['ranks' => ['second']], 'Nobody is expected.'],
    'one' => [1, [], 'First 1 works with an instructor'],
    'sixty' => [60, ['instructors' => '4'], '60 students'],
    'five minutes' => [3, ['minutes' => '5'], '3 students'],
    'in the past' => [2, ['at' => '2020-02-29T23:30'], 'Sat 29 Feb 2020, 23:30'],
]);

it('keeps the minutes of a night in which the clocks change', function (): void {
    $this->hall->update(['zone' => 'Europe/Lisbon']);
    // At 02:00 on 25 October 2026 it is 01:00 again.
    $class = ($this->plan)(['at' => '2026-10-25T00:30']);

    expect($class->at->toIso8601String())->toBe('2026-10-24T23:30:00+00:00');
    $this->get("/classes/{$class->id}")->assertSeeInOrder([
        '00:30', 'Gather', '00:33', 'Basics', '00:42', 'Teach', '01:00', 'Drill', '01:15', 'Pressure', '01:27', 'Close',
    ]);
    // At 01:00 on 29 March 2026 it is 02:00: an hour that is none is the one after it.
    expect(($this->plan)(['at' => '2026-03-29T01:30'])->at->toIso8601String())->toBe('2026-03-29T01:30:00+00:00');
});

it('says when the blocks that are fixed do not fit any more', function (): void {
    $class = ($this->plan)();
    ($this->change)($class, 'lock', ['block' => 2]);
    $this->put("/classes/{$class->id}", [...($this->form)(['minutes' => '15']), 'version' => $class->fresh()->version]);

    $this->get("/classes/{$class->id}")->assertOk()
        ->assertSee('The blocks that you fixed take 18 of 15 minutes.');
    ($this->change)($class, 'shorter', ['block' => 2])->assertSessionHas(
        'error',
        'The blocks that you fixed take 17 of 15 minutes. Change one of them.',
    );
    ($this->change)($class, 'unlock', ['block' => 2]);
    $this->get("/classes/{$class->id}")->assertDontSee('The blocks that you fixed');
});

it('tells on a student’s page how ready they are for the test of the next rank', function (): void {
    // The second rank needs the hug alone, from one side, which was never tried.
    $student = $this->hall->students()->firstOrFail();
    $page = $this->actingAs($this->instructor)
        ->get("/people/{$student->id}")
        ->assertOk();

    $page
        ->assertSee('Test of Second')
        ->assertSee('Not ready yet.')
        ->assertSee('50 % to pass as things stand (items: 1; ready from 85 %). 1 item was never tried.')
        ->assertSee('by 50 %');
    $student->update(['rank_id' => $this->hall->ranks()->where('code', 'second')->value('id')]);
    $this->get("/people/{$student->id}")->assertOk()
        ->assertDontSee('Test of');
});

it('plans nothing for somebody who is erased', function (): void {
    ($this->add)(2);
    $class = ($this->plan)();
    $student = $this->hall->students()->where('code', 'first-1')->firstOrFail();
    $this->put("/classes/{$class->id}/attendance", [
        'present' => $this->hall->students()->pluck('id')->all(),
    ])->assertSessionHas('status', '3 are here. The plan is for them.');
    app(App\Actions\EraseStudent::class)->erase($student);

    $this->get("/classes/{$class->id}")->assertOk()
        ->assertSee('2 students')
        ->assertDontSee('First 1')
        ->assertDontSee('Former student');
});

it('lets those work together who have not met lately', function (): void {
    ($this->add)(3);
    $codes = ['ada-plover', 'first-1', 'first-2', 'first-3'];
    $ids = $this->hall->students()->pluck('id', 'code');
    $before = ($this->plan)(['at' => '2026-11-20T19:00']);
    $tonight = ($this->plan)();
    $meet = function (string $defender, string $attacker) use ($ids, $before): void {
        static $number = 0;
        (new RecordReps($this->hall, $this->instructor))->record([
            'id' => sprintf('0b7e1f60-7777-4000-8000-%012d', ++$number),
            'student_id' => $ids[$defender],
            'attack_id' => $this->hall->attacks()->value('id'),
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'attacker_id' => $ids[$attacker],
            'class_id' => $before->id,
        ]);
    };
    // Two pairs of three that are possible have met: the first round is of the third.
    $meet('ada-plover', 'first-1');
    $meet('first-2', 'first-3');
    $meet('first-3', 'ada-plover');
    $meet('first-1', 'first-2');

    $now = CarbonImmutable::now();
    expect($tonight->meetings($now)->weight('ada-plover', 'first-1'))->toBe(1.0)
        ->and($tonight->meetings($now)->weight('ada-plover', 'first-2'))->toBe(0.0);
    $before->forceFill(['marked_at' => $now]);
    expect($tonight->meetings($now)->haveMetToday('ada-plover', 'first-1'))->toBeFalse()
        ->and($before->meetings($now)->haveMetToday('first-1', 'ada-plover'))->toBeTrue();
    // By a moment before these; in the class itself what was met until it was marked who is there.
    expect($tonight->meetings($now->subHour())->before)->toBe([])
        ->and($before->forceFill(['marked_at' => $now->subHour()])->meetings($now)->today)->toBe([])
        ->and($before->forceFill(['marked_at' => null])->meetings($now)->today)->toBe([]);
});

it('moves a block to where it was dragged', function (): void {
    $class = ($this->plan)();
    ($this->change)($class, 'move', ['block' => 3, 'to' => 1])->assertRedirect("/classes/{$class->id}#timetable");
    expect(array_column(($this->minutes)($class->fresh()), 'kind'))->toBe([
        'gather', 'drill', 'basics', 'teach', 'pressure', 'close',
    ]);
    ($this->change)($class, 'move', ['block' => 3])->assertSessionHasErrors('to');
    ($this->change)($class, 'move', ['block' => 3, 'to' => 'up'])->assertSessionHasErrors('to');
});
