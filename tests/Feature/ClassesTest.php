<?php

declare(strict_types=1);

use App\Actions\ImportCatalogue;
use App\Actions\RecordReps;
use App\Models\Role;
use App\Models\School;
use App\Models\TrainingClass;
use App\Persistence\CatalogueMapper;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->instructor = $this->person($this->hall, Role::Instructor);
    $this->form = fn (array $with = []): array => [
        ...[
            'at' => '2026-12-01T19:00', 'minutes' => '60', 'place' => 'Salt Hall', 'places' => '8',
            'instructors' => '2', 'ranks' => [],
        ],
        ...$with,
    ];
    $this->plan = function (array $with = []): TrainingClass {
        $this->actingAs($this->instructor)->post('/classes', ($this->form)($with))->assertSessionHasNoErrors();

        return $this->hall->classes()->latest('id')->firstOrFail();
    };
    $this->add = function (int $count, string $rank = 'first'): void {
        foreach (range(1, $count) as $number) {
            $this->hall
                ->students()
                ->create([
                    'code' => "{$rank}-{$number}",
                    'name' => ucfirst($rank)." {$number}",
                    'rank_id' => $this->hall->ranks()->where('code', $rank)->value('id'),
                    'flags' => [],
                    'height' => 1.6 + $number / 100,
                ]);
        }
    };
    $this->minutes = fn (TrainingClass $class): array => DB::table('training_classes')->find($class->id)
        ->blocks === null
        ? []
        : json_decode(DB::table('training_classes')->find($class->id)->blocks, true);
    $this->change = fn (TrainingClass $class, string $change, array $more = []) => $this->put(
        "/classes/{$class->id}/blocks",
        ['version' => $class->fresh()->version, 'change' => $change, ...$more],
    );
});

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
        ->assertSee("Class “{$class->code}” added");
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
    'places beyond all' => [['places' => '1000'], 'places'],
]);

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

it('gives classes in the catalogue file, and takes them back as they were', function (): void {
    $class = ($this->plan)(['ranks' => ['first']]);
    ($this->change)($class, 'longer', ['block' => 2]);
    $this->put("/classes/{$class->id}/attendance", ['present' => [$this->hall->students()->value('id')]]);
    $head = $this->person($this->hall, Role::Head);
    $file = (string) $this->actingAs($head)->get('/school/export.yaml')->assertOk()->getContent();
    $read = (new StoneDrill\Core\Exchange\CatalogueReader())->read($file, StoneDrill\Core\Exchange\Format::Yaml);
    expect([
        $read->classes[0]->id,
        $read->classes[0]->place,
        $read->classes[0]->ranks,
        $read->classes[0]->present,
    ])->toBe([$class->code, 'Salt Hall', ['first'], ['ada-plover']]);

    $importer = app(App\Actions\ImportCatalogue::class);
    // The same again changes nothing; another school gets them all.
    expect($importer->import($read, $this->hall)->sections()['classes'])->toBe([
        'added' => 0,
        'changed' => 0,
        'same' => 1,
    ]);
    $other = App\Models\School::create(['name' => 'Elsewhere', 'doctrine' => 'escape']);
    $reps = new StoneDrill\Core\Exchange\SchoolFile($read->catalogue, $read->students, [], [], $read->classes);
    expect($importer->import($reps, $other)->sections()['classes'])->toBe(['added' => 1, 'changed' => 0, 'same' => 0])
        ->and(app(App\Persistence\CatalogueMapper::class)->everything($other->fresh())->classes)
        ->toEqual($read->classes);
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

it('keeps what two mark at once, each at an end of the hall, and nobody of another school', function (): void {
    ($this->add)(4);
    $class = ($this->plan)();
    [$a, $b, $c] = $this->hall->students()->limit(3)->pluck('id')->all();
    $mark = fn (array $shown, array $present) => $this->put("/classes/{$class->id}/attendance", [
        'shown' => $shown,
        'present' => $present,
    ])->assertRedirect();
    $mark([], [$a]);
    // Both saw nobody here but the first; one adds the second, the other the third and takes the first away.
    $mark([$a], [$a, $b]);
    $mark([$a], [$c]);
    expect($class->present()->pluck('students.id')->sort()->values()->all())->toBe([$b, $c]);

    $mark([$b, $c], [$b, $c, $this->school('Other Hall')->students()->value('id'), 999_999_999]);
    expect($class->present()->count())->toBe(2);
    $this->put("/classes/{$class->id}/attendance", ['present' => ['x', ['y']]])->assertSessionHasErrors('present.0');
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

it('keeps who attacked and in which class with a rep, through a correction and the open file', function (): void {
    ($this->add)(1);
    $class = ($this->plan)();
    [$ada, $other] = $this->hall->students()->orderBy('id')->get()->all();
    $rep = [
        'id' => '0b7e1f60-7777-4000-8000-000000000001',
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'attacker_id' => $other->id,
        'class_id' => $class->id,
    ];
    $send = fn (array $with): TestResponse => $this->postJson('/mat/reps', [
        'reps' => [[...$rep, ...$with]],
    ])->assertOk();
    $send([])->assertJson(['kept' => [$rep['id']]]);
    $send(['attacker_id' => $ada->id, 'id' => '0b7e1f60-7777-4000-8000-000000000002'])->assertJsonPath(
        'refused.0.why',
        'Nobody attacks themselves. Choose another student.',
    );
    $send(['class_id' => 999_999, 'id' => '0b7e1f60-7777-4000-8000-000000000002'])->assertJsonPath(
        'refused.0.why',
        'The class is not in this school any more.',
    );
    expect($send(['attacker_id' => null])->json('refused.0.why'))->toContain('another attacker');
    $this->post('/reps', [
        'id' => '0b7e1f60-7777-4000-8000-000000000003',
        'student_id' => $ada->id,
        'attack_id' => $rep['attack_id'],
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'hit',
        'replaces' => $rep['id'],
        'reason' => 'late',
    ])->assertSessionHas('status');

    expect(
        $this->hall->reps()->findOrFail('0b7e1f60-7777-4000-8000-000000000003')->only('attacker_id', 'class_id'),
    )->toBe(['attacker_id' => $other->id, 'class_id' => $class->id]);
    $this->get("/people/{$ada->id}")->assertSee('attacked by First 1');
    $file = app(CatalogueMapper::class)->everything($this->hall);
    $copy = (new ImportCatalogue())->import($file, $empty = School::create(['name' => 'Copy', 'doctrine' => 'escape']));
    expect($copy->changes())->not->toBe([])
        ->and(app(CatalogueMapper::class)->everything($empty)->reps)->toEqual($file->reps);
    $saved = $this->get('/people/reps.csv')->streamedContent();
    expect($saved)->toContain(",first-1,{$class->code}");
});

it('plans the class of the mat anew when anything but reps comes, and else every five minutes', function (): void {
    $this->travelTo('2026-11-24T18:01:00Z');
    ($this->add)(3);
    $class = ($this->plan)(['at' => now()->addHours(2)->format('Y-m-d\TH:i')]);
    $before = ($this->plan)(['at' => now()->subHours(20)->format('Y-m-d\TH:i')]);
    $pack = fn (): array => array_column($this->get('/mat/plans')->assertOk()->json('classes'), null, 'id')[$class->id];
    // Far above those who are here.
    $ranks = array_map(
        fn (int $step): int => $this->hall
            ->ranks()
            ->create([
                'code' => "far-{$step}",
                'name' => "Far {$step}",
                'position' => 50 + $step,
                'max_beats' => 8,
                'goal_rung' => 3,
            ])->id,
        [1, 2, 3],
    );
    $attack = $this->hall
        ->attacks()
        ->firstOrFail()
        ->replicate()
        ->fill(['code' => 'spare', 'title' => 'Spare hold', 'needed_by_id' => end($ranks)]);
    $attack->save();
    $answer = $this->hall
        ->answers()
        ->firstOrFail()
        ->replicate()
        ->fill(['code' => 'spare', 'title' => 'Spare gate', 'attack_id' => $attack->id, 'rank_id' => end($ranks)]);
    $answer->save();
    $first = $pack();
    expect($first['attacks'])->not->toContain($attack->id);
    // An answer to another attack was used in the class before: it is drilled again tonight.
    $rep = fn (string $id): bool => DB::table('reps')->insert([
        'id' => $id,
        'school_id' => $this->hall->id,
        'student_id' => $this->hall->students()->value('id'),
        'attack_id' => $answer->attack_id,
        'answer_id' => $answer->id,
        'class_id' => $before->id,
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'at' => now(),
    ]);
    $rep('0b7e1f60-9999-4000-8000-000000000001');
    expect($pack())->toBe($first);
    $this->travelTo('2026-11-24T18:12:00Z');
    expect($pack()['attacks'])->toContain($answer->attack_id);

    $class->present()->attach($present = $this->hall->students()->value('id'), ['school_id' => $this->hall->id]);
    expect($pack()['here'])->toBe([$present]);
    $answer->update(['title' => 'Under another title']);
    $class->update(['place' => 'The loft']);
    expect($pack()['title'])->toContain('The loft');
});

it('keeps what the mat has of one class apart from another, and of another school', function (): void {
    $this->travelTo('2026-11-24T18:01:00Z');
    ($this->add)(4);
    $first = ($this->plan)(['at' => now()->addHours(2)->format('Y-m-d\TH:i'), 'place' => 'The loft']);
    $second = ($this->plan)(['at' => now()->addHours(4)->format('Y-m-d\TH:i'), 'place' => 'The yard', 'minutes' => 30]);
    $packs = fn (): array => $this->get('/mat/plans')->assertOk()->json('classes');
    foreach ([1, 2] as $time) {
        [$loft, $yard] = $packs();
        expect([$loft['id'], $yard['id']])->toBe([$first->id, $second->id])
            ->and($loft['title'])->toContain('The loft')
            ->and($yard['title'])->toContain('The yard')
            ->and(array_sum(array_column($loft['blocks'], 'minutes')))->toBe(60)
            ->and(array_sum(array_column($yard['blocks'], 'minutes')))->toBe(30);
    }
    // Another school at the same moment has its own, and nothing of ours.
    $other = $this->school('Other Hall');
    $this->actingAs($this->person($other, Role::Head));
    expect($packs())->toBe([]);

    // One that is cancelled is gone at once, and back as soon as it is not; one whose minutes change is planned anew.
    $this->actingAs($this->instructor);
    $second->update(['cancelled_at' => now()]);
    expect(array_column($packs(), 'id'))->toBe([$first->id]);
    $second->update(['cancelled_at' => null, 'minutes' => 45, 'blocks' => null]);
    $first->delete();
    expect(array_column($packs(), 'id'))->toBe([$second->id])
        ->and(array_sum(array_column($packs()[0]['blocks'], 'minutes')))->toBe(45);
});

it('plans for who is here as soon as they are ticked on the mat', function (): void {
    $this->travelTo('2026-11-24T18:01:00Z');
    ($this->add)(5);
    $class = ($this->plan)(['at' => now()->addHour()->format('Y-m-d\TH:i')]);
    $pack = fn (): array => $this->get('/mat/plans')->assertOk()->json('classes.0');
    $ids = $this->hall->students()->orderBy('id')->pluck('id')->all();
    expect($pack()['here'])->toBe([])->and($pack()['planned'])->toEqualCanonicalizing($ids);

    foreach ([array_slice($ids, 0, 2), array_slice($ids, 0, 4), [$ids[1], $ids[2]]] as $here) {
        $this->putJson("/mat/classes/{$class->id}/attendance", [
            'shown' => array_values(array_diff($ids, $here)),
            'present' => $here,
        ])->assertOk();
        $now = $pack();
        expect($now['here'])->toEqualCanonicalizing($here)->and($now['planned'])->toEqualCanonicalizing($here);
        foreach ($now['rounds']['drill'] as $round) {
            expect(array_merge(...$round))->toEqualCanonicalizing($here);
        }
    }
});

it('gives the class of tonight along to the mat, and takes who came from there, once', function (): void {
    ($this->add)(3);
    $class = ($this->plan)(['at' => now()->addHour()->format('Y-m-d\TH:i')]);
    ($this->plan)(['at' => now()->addDays(3)->format('Y-m-d\TH:i')]);
    ($this->change)(($this->plan)(['at' => now()->addHour()->format('Y-m-d\TH:i')]), 'drop', ['block' => 0]);
    $this->delete('/classes/'.$this->hall->classes()->latest('id')->value('id'));
    $kit = $this->get('/mat/plans')->assertOk()->json();
    $ids = $this->hall->students()->pluck('id')->all();

    expect(array_column($kit['classes'], 'id'))->toBe([$class->id]);
    $course = $kit['classes'][0];
    expect(array_column($course['blocks'], 'minutes'))->toBe([3, 9, 18, 15, 12, 3])
        ->and($course['here'])->toBe([])
        ->and($course['planned'])->toEqualCanonicalizing($ids)
        ->and($course['rounds']['drill'])->toHaveCount(5)
        ->and($course['rounds']['pressure'])->toHaveCount(4);
    foreach ([...$course['rounds']['drill'], ...$course['rounds']['pressure']] as $round) {
        expect(array_merge(...$round))->toEqualCanonicalizing($ids);
    }
    $this->actingAs($this->person($this->hall, Role::Assistant));
    $mark = fn (array $marks) => $this->putJson("/mat/classes/{$class->id}/attendance", $marks);
    $mark(['present' => array_slice($ids, 0, 3)])->assertExactJson(['here' => 3]);
    $mark(['present' => array_slice($ids, 0, 3)])->assertExactJson(['here' => 3]);
    $mark(['shown' => [$ids[0]], 'present' => [$ids[3]]])->assertExactJson(['here' => 3]);
    $mark(['present' => ['x']])->assertStatus(422);
    expect($this->hall->log()->where('event', 'attendance')->count())->toBe(2)
        ->and($class->present()->pluck('students.id')->all())->toEqualCanonicalizing(array_slice($ids, 1));
    $other = $this->school('Other Hall');
    $this->actingAs($this->person($other, Role::Head))
        ->putJson("/mat/classes/{$class->id}/attendance", ['present' => []])
        ->assertNotFound();
});

it('keeps that an instructor attacked, or nobody, and what corrects it', function (): void {
    ($this->add)(1);
    $this->actingAs($this->instructor);
    [$ada, $other] = $this->hall->students()->orderBy('id')->get()->all();
    $id = static fn (int $number): string => sprintf('0b7e1f60-8888-4000-8000-%012d', $number);
    $rep = [
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
    ];
    $send = fn (int $number, array $more) => $this->postJson('/mat/reps', [
        'reps' => [[...$rep, 'id' => $id($number), ...$more]],
    ])->assertOk();
    $kept = fn (int $number): array => array_values(
        $this->hall->reps()->findOrFail($id($number))->only('attacker_id', 'attacked_by'),
    );
    $send(1, ['attacked_by' => 'instructor'])->assertJsonPath('kept', [$id(1)]);
    $send(1, ['attacked_by' => 'instructor'])->assertJsonPath('kept', [$id(1)]);
    expect($kept(1))->toBe([null, StoneDrill\Core\Proof\AttackedBy::Instructor])
        ->and($send(1, ['attacked_by' => 'nobody'])->json('refused.0.why'))->toContain('another attacker')
        ->and($send(2, ['attacked_by' => 'bo'])->json('refused.0.field'))->toBe('attacked_by')
        ->and($send(2, ['attacked_by' => 'nobody', 'attacker_id' => $other->id])->json('refused.0.why'))
        ->toBe('A student attacked, or the instructor or nobody. Leave one of them out.');

    // A correction has who it was; or says who, instead.
    $send(3, ['replaces' => $id(1), 'reason' => 'seen again', 'outcome' => 'late']);
    expect($kept(3))->toBe([null, StoneDrill\Core\Proof\AttackedBy::Instructor]);
    $send(4, ['replaces' => $id(3), 'reason' => 'it was Bo', 'attacker_id' => $other->id]);
    expect($kept(4))->toBe([$other->id, null]);
    $send(5, ['replaces' => $id(4), 'reason' => 'it was nobody', 'attacked_by' => 'nobody']);
    expect($kept(5))->toBe([null, StoneDrill\Core\Proof\AttackedBy::Nobody]);
    $this->get("/people/{$ada->id}")
        ->assertSee('attacked by the instructor')
        ->assertSee('alone');

    // As a file: out, and in again elsewhere; a line with both is refused.
    $csv = $this->get('/people/reps.csv')->streamedContent();
    expect(array_column(array_map(str_getcsv(...), explode("\n", trim($csv))), 17))->toContain(
        'attacked_by',
        'instructor',
        'nobody',
    );
    $both = App\View\Drill\RepCsv::read(
        "id,student,attack,side,rung,outcome,at,attacker,attacked_by\n"
            ."{$id(9)},{$ada->code},wrist,written,2,clean,2026-12-01T10:00:00Z,{$other->code},nobody\n",
        $this->hall,
    );
    expect($both->refused)->toBe([
        ['line' => 2, 'what' => 'A student attacked, or the instructor or nobody. Leave one of them out.'],
    ]);
});

it('shows what was done beside what was planned', function (): void {
    $this->travelTo('2026-12-01 19:30');
    ($this->add)(2);
    $answer = $this->hall->answers()->firstOrFail();
    $answer->update([
        'beats'
            => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
    ]);
    $class = ($this->plan)();
    $done = fn (): TestResponse => $this->get("/classes/{$class->id}/done")->assertOk();
    $done()->assertDontSee('Planned and done');
    [$ada, $one] = $this->hall->students()->orderBy('id')->get()->all();
    $record = fn (string $id, array $with) => (new RecordReps($this->hall, $this->instructor))->record([
        'id' => "0b7e1f60-7777-4000-8000-00000000000{$id}",
        'student_id' => $ada->id,
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'attacker_id' => $one->id,
        'class_id' => $class->id,
        ...$with,
    ]);
    $record('1', []);
    $record('2', ['outcome' => 'hit']);
    $record('3', ['outcome' => 'late', 'replaces' => '0b7e1f60-7777-4000-8000-000000000002', 'reason' => 'seen again']);
    $page = $done()
        ->assertSee('Planned and done')
        ->assertSee("Nobody was seen to use these yet: {$answer->title}.");

    // Three people: one pair and one who is over, so each of the three gets one in three turns.
    preg_match('/There was time for (\d+) each/', (string) $page->getContent(), $meant);
    $page->assertSeeInOrder(['First 1', '0', $meant[1], '2', 'Ada Plover', '2', (string) ($meant[1] - 2), '0']);
    $this->travelTo('2026-12-01 20:01');
    $done()->assertSee("Nobody was seen to use these, so they go to the next class: {$answer->title}.");
    $record('4', ['answer_id' => $answer->id]);
    $done()->assertDontSee('Nobody was seen to use');
    // The page of a class asks for it from the day before on.
    $asks = fn (): bool => str_contains(
        (string) $this->get("/classes/{$class->id}")->getContent(),
        "/classes/{$class->id}/done\" hx-trigger=\"load\"",
    );
    $this->travelTo('2026-11-30 18:59');
    expect($asks())->toBeFalse();
    $this->travelTo('2026-11-30 19:01');
    expect($asks())->toBeTrue();
});

it('swaps what is taught, and takes the class on again after it was called off', function (): void {
    ($this->add)(2);
    $answer = $this->hall->answers()->firstOrFail();
    $answer->update([
        'beats'
            => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
    ]);
    $class = ($this->plan)(['steps_in' => '1', 'all_sizes' => '1']);
    $swap = fn (string $change, string $code) => $this->put("/classes/{$class->id}/taught", [
        'version' => $class->fresh()->version,
        'change' => $change,
        'answer' => $code,
    ]);
    $page = fn (): TestResponse => $this->get("/classes/{$class->id}")->assertOk();
    $page()
        ->assertSee("Not this time: {$answer->title}")
        ->assertSee('with an instructor')
        ->assertDontSee('as third')
        ->assertSee('Who meets whom tonight');
    $swap('skip', $answer->code)->assertRedirect("/classes/{$class->id}#taught");
    $page()
        ->assertDontSee("Not this time: {$answer->title}")
        ->assertSee("{$answer->title} may be taught again");
    $swap('teach', $answer->code);
    $page()
        ->assertSee("{$answer->title} need not be taught")
        ->assertDontSee('may be taught again');
    $swap('back', $answer->code);
    expect($class->fresh()->only('teach', 'skip', 'all_sizes', 'steps_in'))->toBe([
        'teach' => [],
        'skip' => [],
        'all_sizes' => true,
        'steps_in' => true,
    ]);
    $swap('teach', 'zebra')->assertSessionHasErrors('answer');
    $this->put("/classes/{$class->id}/taught", [
        'version' => 1,
        'change' => 'teach',
        'answer' => $answer->code,
    ])->assertSessionHas('overtaken');

    $this->delete("/classes/{$class->id}");
    $page()->assertSee('This class is called off.')->assertSee('It takes place after all');
    $this->post("/classes/{$class->id}/restore")->assertSessionHas(
        'status',
        'The class takes place after all. Calendars are told.',
    );
    expect($class->fresh()->cancelled_at)->toBeNull();
});

it('puts a basic whose mistakes grow among the basics, with these mistakes', function (): void {
    ($this->add)(1);
    $ada = $this->hall->students()->where('code', 'ada-plover')->firstOrFail();
    $other = $this->hall->answers()->firstOrFail();
    $other->update(['beats' => "right knee groin\nleave 6\n"]);
    $class = ($this->plan)(['at' => now()->addDay()->format('Y-m-d\TH:i')]);
    $record = fn (int $number, int $days) => $this->hall
        ->reps()
        ->create([
            'id' => sprintf('0b7e1f60-5555-4000-8000-%012d', $number),
            'student_id' => $ada->id,
            'attack_id' => $other->attack_id,
            'answer_id' => $other->id,
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'hit',
            'at' => now()->subDays($days),
            'mistakes' => ['leans back'],
            'source' => 'seen',
        ]);
    array_map($record, [1, 2, 3], [60, 61, 62]);
    array_map($record, [4, 5, 6], [5, 6, 7]);
    // Three lately and three before: it does not grow.
    $this->get("/classes/{$class->id}")->assertDontSee('mistakes grow');
    // Six more tries without it: it is rarer than it was.
    $clean = fn (int $number, int $days) => $this->hall
        ->reps()
        ->create([
            'id' => sprintf('0b7e1f60-5555-4000-8000-%012d', $number),
            'student_id' => $ada->id,
            'attack_id' => $other->attack_id,
            'answer_id' => $other->id,
            'side' => 'written',
            'rung' => 2,
            'outcome' => 'clean',
            'at' => now()->subDays($days),
            'mistakes' => [],
            'source' => 'seen',
        ]);
    array_map($clean, range(11, 16), range(50, 55));
    // Before: three in nine tries. Lately: three in four, with the one of before the test.
    $this->get("/classes/{$class->id}")
        ->assertSee('mistakes grow')
        ->assertSee('leans back');
    array_map($clean, range(21, 26), range(3, 8));
    // Now three in ten.
    $this->get("/classes/{$class->id}")->assertDontSee('mistakes grow');
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
