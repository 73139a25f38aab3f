<?php

declare(strict_types=1);

use App\Actions\RecordReps;
use App\Models\Role;
use Illuminate\Support\Arr;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Str;

beforeEach(function (): void {
    $this->travelTo('2026-11-30 18:02:30');
    $this->hall = $this->school();
    $this->actingAs($this->instructor = $this->person($this->hall, Role::Instructor));
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update([
            'beats'
                => "left foot step 9, left hand strip toward thumb -> released\nright foot step 12, right palm chin\nhop 6 long\nleave 6\n",
        ]);
    $rank = $this->hall->ranks()->where('code', 'first')->value('id');
    [$this->ada, $this->ben, $this->cleo, $this->dov] = [
        $this->hall->students()->firstOrFail(),
        ...array_map(
            fn (string $name) => $this->hall
                ->students()
                ->create(['code' => Str::lower($name), 'name' => $name, 'rank_id' => $rank]),
            ['Ben', 'Cleo', 'Dov'],
        ),
    ];
    $this->class = $this->hall
        ->classes()
        ->create(['at' => '2026-11-30 19:00', 'minutes' => 60, 'places' => 8, 'instructors' => 1]);
    $this->rep = fn (int $whose, string $at, array $with = []) => (new RecordReps(
        $this->hall,
        $this->instructor,
    ))->record([
        'id' => (string) Str::uuid(),
        'student_id' => $whose,
        'attack_id' => $this->hall->attacks()->where('code', 'wrist')->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'at' => "{$at}Z",
        ...$with,
    ]);
    Event::listen('composing: classes.show', fn () => ($this->drawn = true));
    /** The plan as it is shown. */
    $this->plan = function (string $asks = ''): string {
        $this->drawn = false;
        $this->actingAs($this->instructor->fresh());

        return Str::between(
            (string) preg_replace(
                '/\s+/',
                ' ',
                (string) $this->get("/classes/{$this->class->id}", $asks === '' ? [] : ['Cache-Control' => $asks])
                    ->assertOk()
                    ->getContent(),
            ),
            'id="taught"',
            'id="who"',
        );
    };
    $this->untried = fn (string $plan): int => (int) Str::match('/(\d+) ha(?:s|ve) never tried it/', $plan);
});

it('stands for some minutes while reps come, and says until when they count', function (): void {
    $plan = ($this->plan)();
    // Of four all but one have never tried it.
    expect(($this->untried)($plan))->toBe(3)->and($plan)->toContain('Reps recorded until 18:00 count.');
    $this->get("/classes/{$this->class->id}/sheet")->assertSee('Reps recorded until 18:00 count.');
    ($this->rep)($this->ben->id, '2026-11-30 18:02:10');
    expect(($this->plan)())->toBe($plan)
        ->and($this->drawn)->toBeFalse()
        ->and(($this->plan)('no-cache'))->toBe($plan)
        ->and($this->drawn)->toBeTrue();

    $this->travelTo('2026-11-30 18:05:00');
    $later = ($this->plan)();
    expect(($this->untried)($later))->toBe(2)->and($later)->toContain('Reps recorded until 18:05 count.');
});

it('tells of whoever comes and of what is taught at once', function (): void {
    expect(($this->untried)(($this->plan)()))->toBe(3);
    $this->class->present()->attach([$this->ben->id, $this->cleo->id], ['school_id' => $this->hall->id]);
    expect(($this->untried)(($this->plan)()))->toBe(2);
    $this->hall
        ->answers()
        ->firstOrFail()
        ->update(['title' => 'Out by the gate']);
    expect(($this->plan)())->toContain('Out by the gate');
});

it('is what it was when the class began, whatever is recorded in it', function (): void {
    $this->travelTo('2026-11-30 19:01:00');
    $began = ($this->plan)();
    expect(($this->untried)($began))->toBe(3)
        ->and($began)->toContain('Reps recorded until 19:00, when the class began, count.');
    ($this->rep)($this->ben->id, '2026-11-30 19:00:30', ['class_id' => $this->class->id, 'mistakes' => ['late']]);
    expect(($this->plan)())->toBe($began)->and($this->drawn)->toBeFalse();
    foreach (['2026-11-30 19:40:00', '2026-11-30 21:00:00', '2026-12-20 12:00:00'] as $moment) {
        $this->travelTo($moment);
        ($this->rep)($this->cleo->id, $moment, ['mistakes' => ['late', 'off balance']]);
        expect(($this->plan)('no-cache'))->toBe($began, $moment);
    }
    // From a tablet that was away: it was tried before the class.
    ($this->rep)($this->dov->id, '2026-11-30 18:59:00');
    expect(($this->untried)(($this->plan)()))->toBe(2);
});

it('keeps its pairs while they work, and has those meet who have not, once somebody comes late', function (): void {
    $names = ['Edda', 'Finn', 'Gwen', 'Hale', 'Ilka', 'Jory', 'Kade'];
    $more = array_map(
        fn (string $name): int => $this->hall
            ->students()
            ->create(['code' => Str::lower($name), 'name' => $name, 'rank_id' => $this->ben->rank_id])->id,
        $names,
    );
    $late = array_pop($more);
    $here = [$this->ada->id, $this->ben->id, $this->cleo->id, $this->dov->id, ...$more];
    $mark = fn (array $present, array $shown = []) => $this->put("/classes/{$this->class->id}/attendance", [
        'present' => $present,
        'shown' => $shown,
    ])->assertSessionHasNoErrors();
    $pairs = fn (): array => array_column($this->get('/mat/plans')->json('classes'), null, 'id')[$this->class->id][
        'rounds'
    ]['drill'];
    $this->travelTo('2026-11-30 19:00:10');
    $mark($here);
    ($this->plan)();
    $began = ($this->plan)();
    // All pairs of the first round work.
    $first = $pairs()[0];
    $this->travelTo('2026-11-30 19:04:00');
    array_map(
        fn (array $pair) => ($this->rep)($pair[0], '2026-11-30 19:03:00', [
            'class_id' => $this->class->id,
            'attacker_id' => $pair[1],
        ]),
        $first,
    );
    expect(($this->plan)())->toBe($began)->and($this->drawn)->toBeFalse()->and(($this->plan)('no-cache'))->toBe($began);

    $this->travelTo('2026-11-30 19:04:30');
    $mark([...$here, $late], $here);
    $after = array_merge(...$pairs());
    $same = array_filter(
        $first,
        static fn (array $pair): bool => in_array($pair, $after, true) || in_array(array_reverse($pair), $after, true),
    );
    expect($same)->toBe([])
        ->and(($this->plan)())->not->toBe($began)
        ->and(($this->plan)('no-cache'))->toBe(($this->plan)());
});

it('plans a class once for its page and for what was done beside', function (): void {
    $this->travelTo('2026-11-30 19:30:00');
    ($this->rep)($this->ben->id, '2026-11-30 19:20:00', [
        'class_id' => $this->class->id,
        'attacker_id' => $this->ada->id,
    ]);
    ($this->plan)();
    $this->nextRequest();
    $asked = [];
    DB::listen(function ($query) use (&$asked): void {
        $asked[] = $query->sql;
    });
    $this->get("/classes/{$this->class->id}/done")->assertOk()
        ->assertSee('Planned and done')
        ->assertSee('Gate');
    expect(array_filter($asked, static fn (string $sql): bool => str_contains($sql, 'proof_windows')))->toBe([])
        ->and($asked)->not->toBe([]);
    // Whoever asks for it alone has it planned for that.
    cache()->clear();
    $this->nextRequest();
    $this->get("/classes/{$this->class->id}/done")->assertOk()
        ->assertSee('Gate');
    expect(array_filter($asked, static fn (string $sql): bool => str_contains($sql, 'proof_windows')))->not->toBe([]);
});

it('is the plan that a device takes along', function (): void {
    $rounds = fn (): array => Arr::only(
        array_column($this->get('/mat/plans')->assertOk()->json('classes'), null, 'id')[$this->class->id],
        ['groups', 'rounds', 'basics'],
    );
    $taken = $rounds();
    ($this->rep)($this->ben->id, '2026-11-30 18:02:10');
    expect($rounds())->toBe($taken);
    $this->travelTo('2026-11-30 19:20:00');
    $began = $rounds();
    ($this->rep)($this->cleo->id, '2026-11-30 19:19:00', ['class_id' => $this->class->id]);
    $this->travelTo('2026-11-30 19:50:00');
    expect($rounds())->toBe($began);
});
