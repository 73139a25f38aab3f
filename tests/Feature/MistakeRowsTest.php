<?php

declare(strict_types=1);

use App\Actions\RecordReps;
use App\Models\Role;
use App\Models\School;
use App\Persistence\Demo;
use App\View\Board\MistakeTrend;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;

beforeEach(function (): void {
    $this->hall = $this->school();
    $this->ada = $this->hall->students()->firstOrFail();
    $this->wrist = $this->hall->attacks()->where('code', 'wrist')->firstOrFail();
    /** Records one try with these mistakes and returns its id. */
    $this->try = function (array $mistakes, array $more = []): string {
        $id = (string) Str::uuid();
        expect(
            (new RecordReps($this->hall, null))->record([
                'id' => $id,
                'student_id' => $this->ada->id,
                'attack_id' => $this->wrist->id,
                'side' => 'written',
                'rung' => 2,
                'outcome' => 'hit',
                'mistakes' => $mistakes,
                ...$more,
            ])->stored,
        )->toBeTrue();

        return $id;
    };
});

/** What is kept beside the reps. @return list<string> */
function keptMistakes(School $school): array
{
    return DB::table('rep_mistakes')
        ->where('school_id', $school->id)
        ->orderBy('rep_id')
        ->orderBy('mistake')
        ->get()
        ->map(
            static fn ($row): string => implode(' ', [
                $row->rep_id, $row->attack_id, $row->student_id, $row->answer_id, $row->mistake, $row->at,
            ]),
        )
        ->all();
}

/** The same read from the reps that nothing replaces. @return list<string> */
function readMistakes(School $school): array
{
    $read = [];
    foreach ($school->reps()->standing()->get() as $rep) {
        foreach ($rep->mistakes as $mistake) {
            $read[] = "{$rep->id} {$rep->attack_id} {$rep->student_id} {$rep->answer_id} {$mistake} "
            .DB::table('reps')->where('id', $rep->id)->value('at');
        }
    }
    sort($read);

    return $read;
}

it('keeps the mistakes of every rep that nothing replaces, whichever way it comes', function (): void {
    $first = ($this->try)(['steps short', 'looks down'], ['answer_id' => $this->hall->answers()->value('id')]);
    $second = ($this->try)(['steps short']);
    ($this->try)([]);
    expect(keptMistakes($this->hall))->toHaveCount(3)->toBe(readMistakes($this->hall));

    // A correction takes them away or puts others in their place; a correction of that one too.
    $third = ($this->try)(['leans back'], ['replaces' => $first, 'reason' => 'seen again']);
    ($this->try)([], ['replaces' => $second, 'reason' => 'wrong button']);
    expect(keptMistakes($this->hall))->toHaveCount(1)->toBe(readMistakes($this->hall));
    ($this->try)(['leans back', 'lets go'], ['replaces' => $third, 'reason' => 'and again']);
    expect(keptMistakes($this->hall))->toHaveCount(2)->toBe(readMistakes($this->hall));

    // Many in one statement, and another school's.
    DB::insert(
        "insert into reps (id, school_id, student_id, attack_id, side, rung, outcome, at, mistakes) select gen_random_uuid(), ?, ?, ?, 'written', 3, 'late', now() - n * interval '1 day', '[\"too late\"]' from generate_series(1, 20) n",
        [$this->hall->id, $this->ada->id, $this->wrist->id],
    );
    expect(keptMistakes($this->hall))->toHaveCount(22)
        ->toEqualCanonicalizing(readMistakes($this->hall))
        ->and(keptMistakes($this->school('Other Hall')))->toBe([]);
});

/** Mistakes by week of each attack, student and answer. @return array<string, int> */
function keptMistakeWeeks(School $school): array
{
    return DB::table('mistake_weeks')
        ->where('school_id', $school->id)
        ->where('times', '<>', 0)
        ->get()
        ->mapWithKeys(
            static fn (stdClass $row): array => [
                "{$row->week} {$row->of} {$row->whose} {$row->mistake}" => $row->times,
            ],
        )
        ->sortKeys()
        ->all();
}

/** The same counted one by one. @return array<string, int> */
function countedMistakeWeeks(School $school): array
{
    $counts = [];
    foreach ($school->reps()->standing()->get() as $rep) {
        $day = $rep->at->utc();
        $week = $day->subDays($day->dayOfWeekIso - 1)->toDateString();
        foreach ($rep->mistakes as $mistake) {
            $ids = ['attack' => $rep->attack_id, 'student' => $rep->student_id, 'answer' => $rep->answer_id];
            foreach ($ids as $of => $whose) {
                $key = "{$week} {$of} {$whose} {$mistake}";
                $whose === null || ($counts[$key] = ($counts[$key] ?? 0) + 1);
            }
        }
    }
    ksort($counts);

    return $counts;
}

it('counts mistakes by week as a plain count does, whatever corrects what', function (int $seed): void {
    $chance = new Randomizer(new Mt19937($seed));
    $of = static fn (array $all): mixed => $all[$chance->getInt(0, count($all) - 1)];
    [$attacks, $students, $answers] = [
        $this->hall->attacks()->pluck('id')->all(),
        $this->hall->students()->pluck('id')->all(),
        [null, ...$this->hall->answers()->pluck('id')->all()],
    ];
    $open = [];
    foreach (range(1, 25) as $round) {
        $rows = [];
        foreach (range(1, $chance->getInt(1, 6)) as $one) {
            $replaces = $open !== [] && $chance->getInt(0, 2) === 0
                ? array_splice($open, $chance->getInt(0, count($open) - 1), 1)[0]
                : null;
            $mistakes = array_slice(
                ['steps short', 'looks down', 'lets "go"', 'ends — late'],
                $chance->getInt(0, 3),
                $chance->getInt(0, 2),
            );
            $rows[] = [
                'id' => (string) Str::uuid(),
                'school_id' => $this->hall->id,
                'student_id' => $of($students),
                'attack_id' => $of($attacks),
                'answer_id' => $of($answers),
                'side' => 'written',
                'rung' => 2,
                'outcome' => 'hit',
                'mistakes' => json_encode($mistakes),
                'replaces' => $replaces,
                'reason' => $replaces === null ? null : 'seen again',
                'at' => CarbonImmutable::parse('2026-10-01 23:30+00')
                    ->addHours($chance->getInt(0, 900))
                    ->toIso8601String(),
            ];
        }
        DB::table('reps')->insert($rows);
        array_push($open, ...array_column($rows, 'id'));
    }
    expect(keptMistakeWeeks($this->hall))->not->toBeEmpty()
        ->toBe($counted = countedMistakeWeeks($this->hall));

    // A school that had them before finds the same.
    $migration = require database_path('migrations/2026_11_29_000035_count_mistakes_by_week.php');
    $migration->down();
    $migration->up();
    expect(keptMistakeWeeks($this->hall))->toBe($counted);
})->with([4, 5, 6]);

it('takes the mistakes of a school in that had reps before', function (): void {
    $first = ($this->try)(['steps short', 'looks down']);
    ($this->try)(['leans back']);
    ($this->try)(['lets go'], ['replaces' => $first, 'reason' => 'seen again']);
    $migration = require database_path('migrations/2026_11_29_000031_keep_mistakes_of_reps.php');
    $migration->down();
    ($this->try)(['without the table']);
    $migration->up();

    expect(keptMistakes($this->hall))->toHaveCount(3)->toEqualCanonicalizing(readMistakes($this->hall));
});

it('counts six weeks beside the six before, by attack and by student', function (): void {
    $this->actingAs($this->person($this->hall, Role::Instructor));
    foreach ([1, 2, 3, 50, 60, 90, 200] as $days) {
        ($this->try)(['steps short'], ['at' => now()->subDays($days)->toIso8601String()]);
    }
    $wrong = ($this->try)(['steps short', 'looks down'], ['at' => now()->subDays(4)->toIso8601String()]);
    ($this->try)(['looks down'], ['replaces' => $wrong, 'reason' => 'seen again']);
    // Of the last 42 days three, of the 42 before two; 90 and 200 days are too long ago, and the correction has one of
    // its own.
    $sections = (new MistakeTrend($this->hall, CarbonImmutable::now()))->sections();

    foreach ([0 => 'Wrist held across', 1 => 'Ada Plover'] as $section => $name) {
        expect(
            array_map(
                static fn (array $row): array => [
                    $row['name'],
                    $row['mistake'],
                    $row['now'],
                    $row['before'],
                    $row['trend'],
                ],
                $sections[$section]['rows'],
            ),
        )->toBe([[$name, 'steps short', 3, 2, 'more'], [$name, 'looks down', 1, 0, 'more']]);
    }
    $this->get('/board/mistakes')->assertOk()->assertSee('steps short')->assertSee('looks down');
});

it('counts the demo by week as a plain count does, and shows of it what the reps say', function (): void {
    app(Demo::class)->load($now = CarbonImmutable::now());
    $demo = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    expect(keptMistakeWeeks($demo))->toBe(countedMistakeWeeks($demo))
        ->and(count(keptMistakeWeeks($demo)))->toBeGreaterThan(200)
        ->and(keptMistakes($demo))->toEqualCanonicalizing(readMistakes($demo));

    // The same sums, read from the reps one by one.
    $monday = $now->utc()->startOfWeek(CarbonImmutable::MONDAY);
    [$late, $before] = [$monday->subWeeks(5), $monday->subWeeks(11)];
    $counts = [];
    foreach (
        $demo
            ->reps()
            ->standing()
            ->with('attack')
            ->where('at', '>=', $before)
            ->where('at', '<', $monday->addWeek())
            ->get() as $rep
    ) {
        foreach ($rep->mistakes as $mistake) {
            $counts[$rep->attack->title][$mistake] ??= [0, 0];
            $counts[$rep->attack->title][$mistake][$rep->at->lessThan($late) ? 1 : 0]++;
        }
    }
    $rows = (new MistakeTrend($demo, $now))->sections()[0]['rows'];
    expect($rows)->toHaveCount(12);
    foreach ($rows as $row) {
        expect([$row['now'], $row['before']])->toBe(
            $counts[$row['name']][$row['mistake']],
            "{$row['name']}: {$row['mistake']}",
        );
    }
    // Nothing that is left out was seen more often than what is shown.
    $all = array_merge(
        ...array_map(
            static fn (array $ofAttack): array => array_column(array_values($ofAttack), 0),
            array_values($counts),
        ),
    );
    rsort($all);
    expect(array_column($rows, 'now'))->toBe(array_slice($all, 0, 12));
});

it('counts whole weeks from Monday, this one among them', function (): void {
    // A Thursday. Its week began on the 16th; the six weeks with it on 12 October, the six before on 31 August.
    $now = CarbonImmutable::parse('2026-11-19T12:00:00Z');
    foreach (['2026-10-12T00:00:00Z', '2026-11-16T00:00:00Z', '2026-11-19T11:00:00Z'] as $late) {
        ($this->try)(['steps short'], ['at' => $late]);
    }
    foreach (['2026-10-11T23:59:59Z', '2026-08-31T00:00:00Z'] as $before) {
        ($this->try)(['steps short'], ['at' => $before]);
    }
    foreach (['2026-08-30T23:59:59Z', '2026-11-23T00:00:00Z'] as $neither) {
        ($this->try)(['steps short'], ['at' => $neither]);
    }
    $rows = fn (CarbonImmutable $at): array => array_map(
        static fn (array $row): array => [$row['now'], $row['before']],
        (new MistakeTrend($this->hall, $at))->sections()[0]['rows'],
    );

    expect($rows($now))->toBe([[3, 2]])
        // On the Sunday the same; a week on, one of the late has become one of the time before, and one of that is
        // forgotten.
        ->and($rows($now->addDays(3)))->toBe([[3, 2]])
        ->and($rows($now->addDays(4)))->toBe([[3, 2]])
        // Half a year on there is nothing, and nobody is told of a mistake that was made no time.
        ->and($rows($now->addMonths(6)))->toBe([]);
});

it('says nothing of a mistake that was corrected away', function (): void {
    $id = ($this->try)(['looks down'], ['at' => now()->subDays(2)->toIso8601String()]);
    ($this->try)([], ['replaces' => $id, 'reason' => 'wrong button']);

    expect((new MistakeTrend($this->hall, CarbonImmutable::now()))->sections()[1]['rows'])->toBe([])
        ->and(
            DB::table('mistake_weeks')
                ->where('school_id', $this->hall->id)
                ->where('mistake', 'looks down')
                ->sum('times'),
        )
        ->toEqual(0);
});

it('orders the mistakes by how often they were made of late, and shows a dozen', function (): void {
    foreach (range(1, 15) as $number) {
        foreach (range(1, $number) as $time) {
            ($this->try)(["mistake {$number}"], ['at' => now()->subDay()->toIso8601String()]);
        }
    }
    $rows = (new MistakeTrend($this->hall, CarbonImmutable::now()))->sections()[0]['rows'];

    expect(array_column($rows, 'mistake'))
        ->toBe(array_map(static fn (int $number): string => "mistake {$number}", range(15, 4)))
        ->and(array_column($rows, 'now'))->toBe(range(15, 4));
});

it(
    'plans a class for those who were here last where more are expected than a plan holds, and says so',
    function (): void {
        $this->actingAs($this->person($this->hall, Role::Instructor));
        $rank = $this->ada->rank_id;
        $expect = fn (int $more) => DB::insert(
            "insert into students (school_id, code, name, rank_id, flags) select ?, 'more-{$more}-'||n, 'More '||n, ?, '[]' from generate_series(1, ?) n",
            [$this->hall->id, $rank, $more],
        );
        $class = $this->hall
            ->classes()
            ->create([
                'code' => 'tonight',
                'at' => now()->addHour(),
                'minutes' => 60,
                'place' => '',
                'places' => 60,
                'instructors' => 2,
                'ranks' => [],
            ]);
        ($this->try)([]);
        // Ada and 119 others are as many as there is room for.
        $expect(119);
        $this->get("/classes/{$class->id}")->assertOk()
            ->assertSee('120 students')
            ->assertDontSee('who were here last');
        $expect(10);
        $this->get("/classes/{$class->id}")->assertOk()
            ->assertSee('120 students')
            ->assertSee('it is for the 120 who were here last')
            ->assertSee('Ada Plover');
        // Whoever is ticked as here is planned for, and nobody else.
        $class
            ->present()
            ->attach(
                [$this->ada->id, $this->hall->students()->where('code', 'more-10-1')->value('id')],
                ['school_id' => $this->hall->id],
            );
        $this->get("/classes/{$class->id}")->assertOk()
            ->assertSee('2 students')
            ->assertDontSee('who were here last');
    },
);
