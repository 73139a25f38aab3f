<?php

declare(strict_types=1);

use App\Actions\RecordReps;
use App\Jobs\RefreshWindows;
use App\Models\Role;
use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\Demo;
use App\Persistence\ProofBook;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Random\Engine\Mt19937;
use Random\Randomizer;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Coverage\ProvenShare;
use StoneDrill\Core\Proof\Outcome;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Prover;
use Tests\Feature\WindowFixture;

it('keeps of the demo what says the same as all its reps', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();

    expect(WindowFixture::expectSameProof($school, CarbonImmutable::now()))->toBeGreaterThan(500)
        ->and(WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()->addDays(20)))
        ->toBeGreaterThan(500);
});

it('gives the credit that the school gives, by where the student was touched', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $scraped = fn (string $touched): int => $school->reps()
        ->where('outcome', 'scraped')
        ->where('touched', $touched)
        ->count();
    $school->update(['credit_arm' => 1.0, 'credit_body' => 0.0, 'credit_recovered' => 0.0]);

    // Read by the core from every rep, and by the database from numbers.
    expect([$scraped('arm'), $scraped('body')])->each->toBeGreaterThan(20)
        ->and(WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()))
        ->toBeGreaterThan(500);
});

it('counts who of a rank holds what as all reps do, now and on a day in the past', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $everything = app(CatalogueMapper::class)->everything($school);
    $book = app(ProofBook::class);
    $held = 0;
    foreach (
        [
            [CarbonImmutable::now(), $book->of($school)],
            [($day = CarbonImmutable::now()->subWeeks(6)), $book->at($school, $day)],
        ] as [$moment, $shares]
    ) {
        $counted = [];
        foreach (
            (new Prover($everything->catalogue->ladder))->prove(
                $everything->reps,
                $everything->catalogue->attacks,
                $moment,
            ) as $proof
        ) {
            $rank = array_column($everything->students, 'rank', 'id')[$proof->student];
            if (
                $proof->state === ProofState::Holds
                && $proof->rung === array_column($everything->catalogue->ranks, 'goalRung', 'id')[$rank]
            ) {
                $key = "{$rank} {$proof->attack} {$proof->side->value}";
                $counted[$key] = ($counted[$key] ?? 0) + 1;
            }
        }
        foreach ($everything->catalogue->ranks as $rank) {
            expect($shares->students($rank->id))->toBe(
                count(array_filter($everything->students, static fn ($student): bool => $student->rank === $rank->id)),
            );
            foreach ($everything->catalogue->attacks as $attack) {
                foreach (Side::cases() as $side) {
                    expect($shares->held($rank->id, $attack->id, $side))->toBe(
                        $counted["{$rank->id} {$attack->id} {$side->value}"] ?? 0,
                        "{$moment} {$rank->id} {$attack->id} {$side->value}",
                    );
                }
            }
        }
        $held += array_sum($counted);
    }
    expect($held)->toBeGreaterThan(50);
});

it('takes in every new rep, whichever way it comes, and every correction', function (): void {
    $school = $this->school();
    $now = CarbonImmutable::now();
    WindowFixture::expectSameProof($school, $now);
    $first = WindowFixture::addRep($school, 1);
    WindowFixture::expectSameProof($school->fresh(), $now->addMinute());
    // Earlier than what is known, on the other side, at home, and in the place of another.
    WindowFixture::addRep($school, 2, ['at' => $now->subDays(50), 'outcome' => 'hit']);
    WindowFixture::addRep($school, 3, ['side' => 'mirrored', 'rung' => 5]);
    WindowFixture::addRep($school, 4, ['source' => 'home']);
    WindowFixture::addRep($school, 5, ['replaces' => $first, 'outcome' => 'froze', 'reason' => 'seen wrongly']);
    WindowFixture::expectSameProof($school->fresh(), $now->addMinute());
    expect(DB::table('proof_windows')->where('is_stale', true)->count())->toBe(0);
});

it('leaves out what a rep of another student or attack corrects, as the first release let it', function (): void {
    $school = $this->school();
    $now = CarbonImmutable::now()->addMinute();
    $bo = $school
        ->students()
        ->create([
            'code' => 'bo',
            'name' => 'Bo Sandpiper',
            'rank_id' => $school->students()->value('rank_id'),
            'flags' => [],
        ])->id;
    $other = $school->attacks()->where('code', '<>', 'wrist')->value('id');
    [$first, $second, $third] = array_map(
        fn (int $number): string => WindowFixture::addRep($school, $number, [
            'outcome' => $number === 2 ? 'hit' : 'clean',
        ]),
        [1, 2, 3],
    );
    WindowFixture::addRep($school, 4, ['replaces' => $first, 'reason' => 'of somebody else', 'student_id' => $bo]);
    WindowFixture::addRep($school, 5, ['replaces' => $second, 'reason' => 'another attack', 'attack_id' => $other]);
    WindowFixture::addRep($school, 6, ['replaces' => $third, 'reason' => 'seen wrongly', 'outcome' => 'hit']);
    $elsewhere = fn (): array => DB::table('reps_corrected_elsewhere')
        ->where('school_id', $school->id)
        ->orderBy('rep_id')
        ->pluck('rep_id')
        ->all();

    expect(WindowFixture::expectSameProof($school->fresh(), $now))->toBeGreaterThan(0)
        ->and($elsewhere())->toBe([$first, $second]);
    // A school that had them before finds the same, and each rep still has one correction at most.
    $migration = require database_path('migrations/2026_11_29_000036_find_corrections_by_their_try.php');
    $migration->down();
    $migration->up();
    DB::table('proof_windows')->update(['is_stale' => true]);
    WindowFixture::expectSameProof($school->fresh(), $now);
    expect($elsewhere())->toBe([$first, $second])
        ->and(
            fn () => DB::transaction(
                fn () => WindowFixture::addRep($school, 7, ['replaces' => $first, 'reason' => 'once more']),
            ),
        )
        ->toThrow(Illuminate\Database\QueryException::class, 'reps_corrections');
});

it('says of any reps what all of them say, now and on a day in the past', function (int $seed): void {
    $school = $this->school();
    $school
        ->attacks()
        ->where('code', 'hug')
        ->update(['hand' => 'both']);
    $chance = new Randomizer(new Mt19937($seed));
    $of = static fn (array $all): mixed => $all[$chance->getInt(0, count($all) - 1)];
    $students = [$school->students()->value('id')];
    foreach (['bo', 'cy'] as $code) {
        $students[] = $school
            ->students()
            ->create([
                'code' => $code,
                'name' => ucfirst($code),
                'rank_id' => $school->ranks()->value('id'),
                'flags' => [],
            ])->id;
    }
    $attacks = $school->attacks()->pluck('id')->all();
    $open = [];
    foreach (range(1, 6) as $round) {
        foreach (range(1, 25) as $one) {
            $columns = [
                'student_id' => $of($students),
                'attack_id' => $of($attacks),
                'side' => $of(['written', 'mirrored']),
            ];
            // One in five corrects an earlier one, of the same try.
            if ($open !== [] && $chance->getInt(0, 4) === 0) {
                [$columns, $replaces] = array_splice($open, $chance->getInt(0, count($open) - 1), 1)[0];
                $more = ['replaces' => $replaces, 'reason' => 'seen again'];
            }
            // Several at the same second, some ahead of the clock, some at home.
            $at = CarbonImmutable::now()
                ->startOfDay()
                ->subDays($chance->getInt(-2, 120))
                ->addHours($chance->getInt(0, 2));
            $id = WindowFixture::addRep($school, 100 * $seed + 25 * $round + $one, [
                ...$columns,
                ...$more ?? [],
                'rung' => $chance->getInt(1, 7),
                'outcome' => $of(array_column(Outcome::cases(), 'value')),
                'source' => $of(['seen', 'seen', 'seen', 'test', 'home']),
                'at' => $at,
            ]);
            $open[] = [$columns, $id];
            unset($more);
        }
        $at = CarbonImmutable::now()->subDays($of([0, 0, 30, 90]));
        expect(WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()->addDays(3)))->toBeGreaterThan(
            5,
        );
        WindowFixture::expectSameProof($school->fresh(), $at);
    }
    expect(DB::table('proof_windows')->where('school_id', $school->id)->where('is_stale', true)->count())->toBe(0);
})->with([1, 2, 3, 4]);

it('reads only what was by then, where a clock went ahead', function (): void {
    $school = $this->school();
    WindowFixture::addRep($school, 1, ['at' => now()->addDays(3), 'outcome' => 'hit']);
    WindowFixture::expectSameProof($school, CarbonImmutable::now());
    WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()->addDays(4));
});

it('follows an attack whose sides become one, and a ladder that grows', function (): void {
    $school = $this->school();
    WindowFixture::addRep($school, 1, ['side' => 'mirrored']);
    WindowFixture::expectSameProof($school, CarbonImmutable::now()->addMinute());
    $school
        ->attacks()
        ->where('code', 'wrist')
        ->update(['hand' => 'both', 'kind' => 'wrist-both', 'thumb' => 'n/a']);
    WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()->addMinute());
    foreach (range(2, 6) as $number) {
        WindowFixture::addRep($school, $number, ['rung' => 7]);
    }
    WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()->addMinute());
    $school
        ->rungs()
        ->create([
            'number' => 8, 'name' => 'Gale', 'pace' => 1, 'attack_told' => false, 'moment_told' => false,
            'resistance' => 3, 'follow_ups' => true, 'stressors' => [],
        ]);
    expect(DB::table('proof_windows')->where('school_id', $school->id)->where('is_stale', false)->count())->toBe(0);
    WindowFixture::expectSameProof($school->fresh(), CarbonImmutable::now()->addMinute());
});

it('shows nothing of another school’s', function (): void {
    $school = $this->school();
    $other = $this->school('Other Hall');
    WindowFixture::addRep($other, 1);
    $everything = app(CatalogueMapper::class)->everything($school);

    expect(
        (new WindowBook($school, $everything->catalogue))->of(
            [Student::query()->where('school_id', $other->id)->value('id')],
            CarbonImmutable::now(),
        ),
    )->toBe([Student::query()->where('school_id', $other->id)->value('id') => []]);
});

it('keeps a reason for a correction, and for nothing else', function (): void {
    $school = $this->school();

    expect(fn () => DB::transaction(fn () => WindowFixture::addRep($school, 1, ['reason' => 'because'])))->toThrow(
        Illuminate\Database\QueryException::class,
        'reps_reason_check',
    );
});

it('counts anew only those whose reps came or changed, and counts as all reps do', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $expectSame = function (string $when = '') use ($school): void {
        $school = $school->fresh();
        $everything = app(CatalogueMapper::class)->everything($school);
        $kept = app(ProofBook::class)->of($school);
        $plain = ProvenShare::of(
            $everything->catalogue,
            $everything->students,
            $everything->reps,
            CarbonImmutable::now(),
        );
        foreach ($everything->catalogue->ranks as $rank) {
            foreach ($everything->catalogue->attacks as $attack) {
                foreach (Side::cases() as $side) {
                    expect($kept->held($rank->id, $attack->id, $side))->toBe(
                        $plain->held($rank->id, $attack->id, $side),
                        $when,
                    );
                }
            }
        }
    };
    $expectSame('at first');
    $students = $school->students()->with('rank')->limit(3)->get();
    $attack = $school->attacks()->firstOrFail();
    $log = new RecordReps($school, null);
    $ids = [];
    foreach ($students as $student) {
        foreach (range(1, 6) as $try) {
            $log->record([
                'id' => ($ids[] = (string) Str::uuid()),
                'student_id' => $student->id,
                'attack_id' => $attack->id,
                'side' => 'written',
                'rung' => 7,
                'outcome' => 'clean',
            ]);
        }
    }
    DB::enableQueryLog();
    $expectSame('after new reps');
    $read = collect(DB::getQueryLog())->filter(
        fn (array $query): bool => str_contains($query['query'], '"tries"')
            && str_starts_with($query['query'], 'select'),
    );
    DB::disableQueryLog();
    // Once as they are kept: what was worked out is at hand.
    expect($read)->toHaveCount(1);
    foreach ($read as $query) {
        expect(array_intersect($students->modelKeys(), $query['bindings']))->toHaveCount(3)
            ->and($query['bindings'])->not->toContain($school->students()->reorder('id', 'desc')->value('id'));
    }
    // A board reads them before the wall does; then a correction takes it away, and somebody has another rank.
    foreach (array_slice($ids, 0, 5) as $id) {
        $log->record([
            'id' => (string) Str::uuid(),
            'student_id' => $students[0]->id,
            'attack_id' => $attack->id,
            'side' => 'written',
            'rung' => 7,
            'outcome' => 'hit',
            'replaces' => $id,
            'reason' => 'wrong button',
        ]);
    }
    (new WindowBook($school, app(CatalogueMapper::class)->curriculum($school)))->of(
        $school->students()->pluck('id')->all(),
        CarbonImmutable::now(),
    );
    $expectSame('after corrections');
    $students[1]->update(['rank_id' => $school->ranks()->orderByDesc('position')->value('id')]);
    $expectSame('with another rank');
    $read = function (string $when) use ($expectSame): int {
        $this->nextRequest();
        DB::flushQueryLog();
        DB::enableQueryLog();
        $expectSame($when);
        DB::disableQueryLog();

        return collect(DB::getQueryLog())
            ->filter(
                fn (array $query): bool => str_contains($query['query'], '"tries"')
                    && str_starts_with($query['query'], 'select'),
            )
            ->count();
    };
    // What an answer is called is no matter for it; what it is measured by is.
    $school
        ->answers()
        ->firstOrFail()
        ->update(['title' => 'Something else']);
    expect($read('after a title'))->toBe(0);
    $school->ranks()->reorder('position', 'desc')->firstOrFail()->decrement('goal_rung', 2);
    expect($read('with another goal'))->toBeGreaterThan(0);
    $school->update(['half_life' => 25]);
    expect($read('with another half-life'))->toBeGreaterThan(0);
    $symmetric = collect(app(CatalogueMapper::class)->curriculum($school->fresh())->attacks)->first(
        fn ($one): bool => $one->isSymmetric() && $one->facets->hand->value === 'both',
    );
    $school
        ->attacks()
        ->where('code', $symmetric->id)
        ->firstOrFail()
        ->update(['bearing' => '1']);
    expect($read('with a second side'))->toBeGreaterThan(0);
    $this->nextRequest();
    $this->travel(25)->days();
    $expectSame('later');
});

it('says how far it is when many reps came at once, until it is over', function (): void {
    $school = $this->school();
    $rank = $school->ranks()->value('id');
    DB::insert(
        "insert into students (school_id, code, name, rank_id, flags) select ?, 'many-'||n, 'Many '||n, ?, '[]' from generate_series(1, 300) n",
        [$school->id, $rank],
    );
    DB::insert(
        "insert into reps (id, school_id, student_id, attack_id, side, rung, outcome, at) select gen_random_uuid(), s.school_id, s.id, a.id, 'written', 2, 'clean', now() from students s cross join attacks a where s.school_id = ? and s.code like 'many-%'",
        [$school->id],
    );
    $this->actingAs($this->person($school, Role::Assistant));
    // 300 people of two attacks each, and the one that the small school has: the board reads its own thirty first.
    $this->get('/board/progress')->assertOk()->assertSee('0 of 601 rows of proof');
    $this->get('/board')->assertOk()->assertSee('of 601 rows of proof');
    (new RefreshWindows($school->id))->handle(app(CatalogueMapper::class));
    $this->get('/board/progress')->assertOk()->assertDontSee('rows of proof');
    $this->get('/board')->assertOk()->assertDontSee('rows of proof');
});
