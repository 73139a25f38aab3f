<?php

declare(strict_types=1);

use App\Models\Answer;
use App\Models\Role;
use App\Models\School;
use App\Persistence\CountedTries;
use App\View\Classes\BasicMistakes;
use Carbon\CarbonImmutable;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Session\Teaching;

// Tries by week, kept beside the reps: what is kept is what a plain count of the reps says.

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->rep = fn (array $more = []): array => [
        'id' => (string) Str::uuid(),
        'school_id' => $this->hall->id,
        'student_id' => $this->hall->students()->value('id'),
        'attack_id' => $this->hall->attacks()->value('id'),
        'side' => 'written',
        'rung' => 2,
        'outcome' => 'clean',
        'at' => '2026-11-18 12:00:00+00',
        'mistakes' => '[]',
        'replaces' => null,
        'reason' => null,
        ...$more,
    ];
});

/** @return array<string, string> tries and clean ones by what they are counted by */
function keptWeeks(School $school): array
{
    return DB::table('rep_weeks')
        ->where('school_id', $school->id)
        ->where('tries', '<>', 0)
        ->get()
        ->mapWithKeys(
            static fn ($row): array => [
                "{$row->week} {$row->attack_id} {$row->answer_id} {$row->side} {$row->rung}"
                    => "{$row->tries} {$row->clean}",
            ],
        )
        ->sortKeys()
        ->all();
}

/** @return array<string, string> the same, counted one by one */
function countedWeeks(School $school): array
{
    $all = DB::table('reps')->where('school_id', $school->id)->get();
    $replaced = $all->pluck('replaces')->filter()->flip();
    $counts = [];
    foreach ($all as $rep) {
        if (! $replaced->has($rep->id)) {
            $day = CarbonImmutable::parse($rep->at)->utc();
            $week = $day->subDays($day->dayOfWeekIso - 1)->toDateString();
            $count = &$counts["{$week} {$rep->attack_id} ".($rep->answer_id ?? 0)." {$rep->side} {$rep->rung}"];
            $count = [($count[0] ?? 0) + 1, ($count[1] ?? 0) + ($rep->outcome === 'clean' ? 1 : 0)];
            unset($count);
        }
    }
    ksort($counts);

    return array_map(static fn (array $count): string => implode(' ', $count), $counts);
}

it('tells of attacks, answers and mistakes what a plain count of the reps tells', function (): void {
    [$answer, $other] = array_map(
        function (string $code): Answer {
            $one = $this->hall
                ->answers()
                ->firstOrFail()
                ->replicate()
                ->fill(['code' => $code]);
            $one->save();

            return $one;
        },
        ['one', 'other'],
    );
    $attack = $answer->attack;
    $rows = [
        ($this->rep)(['answer_id' => $answer->id, 'mistakes' => '["looks down", "steps short"]']),
        ($this->rep)([
            'answer_id' => $answer->id,
            'rung' => 3,
            'outcome' => 'hit',
            'mistakes' => '["looks down"]',
            'at' => '2026-11-02 12:00:00+00',
        ]),
        ($this->rep)(['answer_id' => $answer->id, 'source' => 'home']),
        ($this->rep)(['answer_id' => $other->id, 'mistakes' => '["leans back"]']),
        ($this->rep)(['outcome' => 'hit']),
    ];
    // The school had one before, of the same attack.
    array_map(static fn (array $row): bool => DB::table('reps')->insert($row), $rows);
    // The first was seen wrong: it was a hit, and nobody looked down.
    DB::table('reps')->insert(
        ($this->rep)([
            'answer_id' => $answer->id,
            'outcome' => 'hit',
            'mistakes' => '["steps short"]',
            'replaces' => $rows[0]['id'],
            'reason' => 'wrong button',
        ]),
    );

    expect([CountedTries::of($attack), CountedTries::of($answer), CountedTries::of($other)])->toBe([6, 3, 1])
        ->and(CountedTries::byRung($answer))->toBe([2 => ['clean' => 1, 'all' => 2], 3 => ['clean' => 0, 'all' => 1]])
        ->and(CountedTries::mistakes($this->hall, [$answer->id]))->toBe(['looks down' => 1, 'steps short' => 1])
        ->and(CountedTries::mistakes($this->hall, [$answer->id, $other->id]))
        ->toBe(['leans back' => 1, 'looks down' => 1, 'steps short' => 1])
        ->and(CountedTries::mistakes($this->school('Other'), [$answer->id]))->toBe([])
        ->and(CountedTries::mistakes($this->hall, []))->toBe([]);
    $this->actingAs($this->person($this->hall, Role::Head));
    $this->get("/attacks/{$attack->id}/evidence")->assertOk()
        ->assertSee('6 reps are recorded of it.');
    $this->get("/answers/{$answer->id}/evidence")->assertOk()
        ->assertSee('3 reps name it.');
    $this->get("/answers/{$answer->id}/beside?with=answer-{$other->id}")->assertOk()
        ->assertSeeInOrder(['rung 2: 1 of 2 clean, rung 3: 0 of 1 clean', 'rung 2: 1 of 1 clean']);
    $this->get('/wall/basics/step')->assertOk()
        ->assertSeeInOrder(['leans back', '1 ×', 'looks down', '1 ×', 'steps short', '1 ×']);
});

it('counts what a plain count finds, whatever corrects what', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $of = static fn (array $all): mixed => $all[$chance->getInt(0, count($all) - 1)];
    $answers = [null, ...$this->hall->answers()->pluck('id')->all()];
    $attacks = $this->hall->attacks()->pluck('id')->all();
    $whose = $this->hall->students()->firstOrFail();
    $students = [
        $whose->id,
        $this->hall->students()->create([...$whose->only('rank_id', 'flags'), 'code' => 'bo', 'name' => 'Bo'])->id,
    ];
    $open = [];
    foreach (range(1, 30) as $round) {
        $rows = [];
        foreach (range(1, $chance->getInt(1, 6)) as $one) {
            $replaces = $open !== [] && $chance->getInt(0, 2) === 0
                ? array_splice($open, $chance->getInt(0, count($open) - 1), 1)[0]
                : null;
            $rows[] = ($this->rep)([
                'attack_id' => $of($attacks),
                'student_id' => $of($students),
                'answer_id' => $of($answers),
                'side' => $of(['written', 'mirrored']),
                'rung' => $chance->getInt(1, 3),
                'outcome' => $of(['clean', 'hit', 'late']),
                'replaces' => $replaces,
                'reason' => $replaces === null ? null : 'seen again',
                'at' => CarbonImmutable::parse('2026-11-01 00:30+00')
                    ->addHours($chance->getInt(0, 600))
                    ->toIso8601String(),
            ]);
        }
        // Several in one statement, some of which correct what came in statements before.
        DB::table('reps')->insert($rows);
        array_push($open, ...array_column($rows, 'id'));
    }

    $told = static fn (Builder $query): array => $query
        ->orderBy('student_id')
        ->get()
        ->map(
            static fn ($row): string => "{$row->student_id} {$row->count} "
                .CarbonImmutable::parse($row->last_at)->toIso8601String(),
        )
        ->all();
    expect($told(DB::table('student_reps')->where('school_id', $this->hall->id)))
        ->toBe(
            $told(
                DB::table('reps')
                    ->where('school_id', $this->hall->id)
                    ->groupBy('student_id')
                    ->selectRaw('student_id, count(*) as count, max(at) as last_at'),
            ),
        )
        ->toHaveCount(2);
    expect(keptWeeks($this->hall))->not->toBeEmpty()
        ->toBe(countedWeeks($this->hall))
        ->and(keptWeeks($other = $this->school('Other Hall')))->toBe(countedWeeks($other));
})->with([1, 2, 3]);

it('reads no rep to say how many there are', function (string $path): void {
    $this->actingAs($this->person($this->hall, Role::Head));
    $path = strtr($path, [
        'ATTACK' => $this->hall->attacks()->value('id'),
        'ANSWER' => $this->hall->answers()->value('id'),
    ]);
    $asked = [];
    DB::listen(function ($query) use (&$asked): void {
        if (preg_match('/from "?reps"?\b/', $query->sql) === 1) {
            $asked[] = $query->sql;
        }
    });
    $this->get($path)->assertOk();
    expect($asked)->toBe([]);
})->with([
    '/people', '/attacks/ATTACK', '/answers/ANSWER', '/answers/ANSWER/beside', '/wall/basics/step', '/wall/ranks',
]);

it('begins a week on Monday, by the clock of nobody in particular', function (): void {
    DB::table('reps')->insert([
        ($this->rep)(['at' => '2026-11-15 23:59:59+00']),
        ($this->rep)(['at' => '2026-11-16 00:00:00+00']),
        ($this->rep)(['at' => '2026-11-16 00:30:00+02']),
    ]);

    // The school had a rep of its own weeks before.
    expect(array_map(fn (string $key): string => substr($key, 0, 10), array_keys(keptWeeks($this->hall))))
        ->toBe(['2026-11-02', '2026-11-09', '2026-11-16'])
        ->and(array_values(keptWeeks($this->hall)))->toBe(['1 1', '2 2', '1 1']);
});

it('takes the reps of a school in that had some before', function (): void {
    DB::table('reps')->insert([
        ($first = ($this->rep)()),
        ($this->rep)(['outcome' => 'hit']),
        ($this->rep)(['replaces' => $first['id'], 'reason' => 'seen again', 'outcome' => 'late']),
    ]);
    $before = keptWeeks($this->hall);
    $migration = require database_path('migrations/2026_11_29_000032_count_tries_by_week.php');
    $migration->down();
    $migration->up();

    expect(keptWeeks($this->hall))->toBe($before)
        ->and(array_values($before))->toBe(['1 1', '2 0']);
});

it('finds the basics whose mistakes grow beside the tries', function (): void {
    $answer = $this->hall->answers()->firstOrFail();
    $catalogue = app(App\Persistence\CatalogueMapper::class)->curriculum($this->hall);
    $teaching = new Teaching($catalogue, app(App\Persistence\CoverageBook::class)->of($this->hall)->cells, now());
    $basic = $teaching->basics($answer->code)[0];
    $tries = fn (string $day, int $times, string $mistake) => DB::table('reps')->insert(
        array_map(
            fn (): array => ($this->rep)([
                'at' => "{$day} 12:00:00+00",
                'answer_id' => $answer->id,
                'mistakes' => $mistake === '' ? '[]' : json_encode([$mistake]),
            ]),
            range(1, $times),
        ),
    );
    // Monday of the sixth week before the class's own belongs to the weeks before; what was before the class in its
    // week is in its week, and what came after it is not told.
    $tries('2026-10-12', 10, '');
    $tries('2026-10-11', 2, 'looks down');
    $tries('2026-11-20', 4, 'looks down');
    $tries('2026-11-18', 16, '');
    $tries('2026-11-21', 30, 'looks down');
    $growing = fn (): array => (new BasicMistakes(
        $this->hall,
        $teaching,
        CarbonImmutable::parse('2026-11-20 18:00+00'),
    ))->growing();
    // 4 of 30 tries lately (10 + 4 + 16) beside 2 of 2 before: less.
    expect($growing())->toBe([]);

    $tries('2026-10-05', 28, '');
    // 4 of 30 beside 2 of 30, of which 1.25 times as many would be 2.5.
    expect($growing())->toHaveKey($basic)
        ->and($growing()[$basic])->toBe(['looks down']);
});
