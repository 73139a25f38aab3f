<?php

declare(strict_types=1);

use App\Models\Role;
use App\Models\School;
use Illuminate\Support\Facades\DB;
use Tests\Feature\ClassesFixture;

beforeEach(fn () => ClassesFixture::begin($this));

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

it('plans the class of the mat anew when anything but reps comes, and else every five minutes', function (): void {
    $this->travelTo('2026-11-24T18:01:00Z');
    ($this->add)(3);
    $class = ($this->plan)(['at' => now()->addHours(2)->format('Y-m-d\TH:i')]);
    $before = ($this->plan)(['at' => now()->subHours(20)->format('Y-m-d\TH:i')]);
    $pack = fn (): array => array_column($this->get('/mat/plans')->assertOk()->json('classes'), null, 'id')[$class->id];
    $attack = $this->hall
        ->attacks()
        ->firstOrFail()
        ->replicate()
        ->fill(['code' => 'spare', 'title' => 'Spare hold', 'needed_by_id' => null, 'needed_by_youth_id' => null]);
    $attack->save();
    $answer = $this->hall
        ->answers()
        ->firstOrFail()
        ->replicate()
        ->fill(['code' => 'spare', 'title' => 'Spare gate', 'attack_id' => $attack->id]);
    $answer->save();
    $first = $pack();
    expect($first['attacks'])->not->toContain($attack->id);
    // An answer to an attack that nobody needs was used in the class before: it is drilled again tonight.
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
    // Rank a aims at rung 2, and drills at the one below.
    $this->get("/classes/{$class->id}")
        ->assertSeeInOrder(['What is drilled', 'at rung 1 Shadow', 'Spare gate', 'Partners in the drill']);
    $this->get("/classes/{$class->id}/sheet")->assertSee('Drilled again, at rung 1 Shadow: Spare gate');

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
    // What each takes home is the sheet of that week.
    $home = array_column($course['home'], 'items', 'name');
    expect($home)->not->toBe([]);
    $this->get("/classes/{$class->id}")->assertSee("/classes/{$class->id}/home");
    $page = (string) $this->get("/classes/{$class->id}/home")->assertSee('What each takes home')->getContent();
    foreach ($this->hall->students as $student) {
        $sheet = (string) $this->get("/people/{$student->id}/home")->assertOk()->getContent();
        expect(isset($home[$student->name]))->toBe(str_contains($sheet, 'I did it'), $student->name);
        foreach (isset($home[$student->name]) ? explode(' · ', $home[$student->name]) : [] as $item) {
            expect($sheet)->toContain(e(str_replace(' (mirrored)', '', $item)))
                ->and($page)->toContain(e($home[$student->name]));
        }
    }
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

it('tells the mat what speaks against each two, and in which blocks those under 16 are apart', function (): void {
    $this->travelTo('2026-11-24T18:01:00Z');
    ($this->add)(4);
    $people = $this->hall->students()->orderBy('code')->get();
    foreach ($people as $place => $student) {
        // Two are 1.50 m, the others 1.90: 40 cm are 20 beyond what is alike, and count two for every ten.
        $student->update(['height' => $place < 2 ? 1.5 : 1.9]);
    }
    $class = ($this->plan)(['at' => now()->addHours(2)->format('Y-m-d\TH:i')]);
    $pack = array_column($this->get('/mat/plans')->assertOk()->json('classes'), null, 'id')[$class->id];

    $heights = $people->pluck('height', 'id');
    expect(array_map(count(...), $pack['against']))->toBe(range(0, count($pack['planned']) - 1));
    foreach ($pack['against'] as $place => $own) {
        foreach ($own as $other => $cost) {
            $apart = $heights[$pack['planned'][$place]] !== $heights[$pack['planned'][$other]];
            expect($cost >= 4)->toBe($apart);
        }
    }
    // What this school answers with cannot hurt anybody.
    expect($pack['apart'])->toBe(['drill' => false, 'pressure' => false]);
});
