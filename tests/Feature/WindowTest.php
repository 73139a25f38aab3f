<?php

declare(strict_types=1);

use App\Models\School;
use App\Models\Student;
use App\Persistence\CatalogueMapper;
use App\Persistence\Demo;
use App\Persistence\ProofBook;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Attack\Side;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Prover;

/** Compares everything that is kept with proof from all reps. */
function expectSameProof(School $school, CarbonImmutable $at): int
{
    $mapper = app(CatalogueMapper::class);
    $everything = $mapper->everything($school);
    $proofs = [];
    foreach ((new Prover($everything->catalogue->ladder))->prove($everything->reps, $everything->catalogue->attacks, $at) as $proof) {
        $proofs["{$proof->student} {$proof->attack} {$proof->side->value} {$proof->rung}"] = $proof;
    }
    $students = $school->students()->pluck('code', 'id')->all();
    $windows = (new WindowBook($school, $everything->catalogue))->of(array_keys($students), $at);
    $seen = 0;
    foreach ($windows as $student => $ofStudent) {
        foreach ($ofStudent as $cell => $window) {
            foreach ($everything->catalogue->ladder->ids() as $rung) {
                $proof = $proofs["{$students[$student]} {$cell} {$rung}"] ?? null;
                expect($window->state($rung, $at))->toBe($proof->state ?? ProofState::Untried, "{$students[$student]} {$cell} {$rung}");
                if ($proof !== null) {
                    expect(abs($window->evidence($rung, $at)->lower() - $proof->lower))->toBeLessThan(1e-9);
                    $seen++;
                }
            }
        }
    }
    expect($seen)->toBe(count($proofs));

    return $seen;
}

function addRep(School $school, int $number, array $columns = []): string
{
    $id = sprintf('0b7e1f60-7777-4000-8000-%012d', $number);
    DB::table('reps')->insert([
        'id' => $id, 'school_id' => $school->id, 'student_id' => $school->students()->value('id'), 'attack_id' => $school->attacks()->where('code', 'wrist')->value('id'),
        'side' => 'written', 'rung' => 3, 'outcome' => 'clean', 'at' => now(), 'recorded_at' => now(), ...$columns,
    ]);

    return $id;
}

it('keeps of the demo what says the same as all its reps', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();

    expect(expectSameProof($school, CarbonImmutable::now()))->toBeGreaterThan(500)
        ->and(expectSameProof($school->fresh(), CarbonImmutable::now()->addDays(20)))->toBeGreaterThan(500);
});

it('counts who of a rank holds what as all reps do, now and on a day in the past', function (): void {
    app(Demo::class)->load(CarbonImmutable::now());
    $school = School::query()->where('name', 'Cinder Quay Hall')->firstOrFail();
    $everything = app(CatalogueMapper::class)->everything($school);
    $book = app(ProofBook::class);
    $held = 0;
    foreach ([[CarbonImmutable::now(), $book->of($school)], [$day = CarbonImmutable::now()->subWeeks(6), $book->at($school, $day)]] as [$moment, $shares]) {
        $counted = [];
        foreach ((new Prover($everything->catalogue->ladder))->prove($everything->reps, $everything->catalogue->attacks, $moment) as $proof) {
            $rank = array_column($everything->students, 'rank', 'id')[$proof->student];
            if ($proof->state === ProofState::Holds && $proof->rung === array_column($everything->catalogue->ranks, 'goalRung', 'id')[$rank]) {
                $key = "{$rank} {$proof->attack} {$proof->side->value}";
                $counted[$key] = ($counted[$key] ?? 0) + 1;
            }
        }
        foreach ($everything->catalogue->ranks as $rank) {
            expect($shares->students($rank->id))->toBe(count(array_filter($everything->students, static fn ($student): bool => $student->rank === $rank->id)));
            foreach ($everything->catalogue->attacks as $attack) {
                foreach (Side::cases() as $side) {
                    expect($shares->held($rank->id, $attack->id, $side))->toBe($counted["{$rank->id} {$attack->id} {$side->value}"] ?? 0, "{$moment} {$rank->id} {$attack->id} {$side->value}");
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
    expectSameProof($school, $now);
    $first = addRep($school, 1);
    expectSameProof($school->fresh(), $now->addMinute());
    // Earlier than what is known, on the other side, at home, and in the place of another.
    addRep($school, 2, ['at' => $now->subDays(50), 'outcome' => 'hit']);
    addRep($school, 3, ['side' => 'mirrored', 'rung' => 5]);
    addRep($school, 4, ['source' => 'home']);
    addRep($school, 5, ['replaces' => $first, 'outcome' => 'froze', 'reason' => 'seen wrongly']);
    expectSameProof($school->fresh(), $now->addMinute());
    expect(DB::table('proof_windows')->where('is_stale', true)->count())->toBe(0);
});

it('reads only what was by then, where a clock went ahead', function (): void {
    $school = $this->school();
    addRep($school, 1, ['at' => now()->addDays(3), 'outcome' => 'hit']);
    expectSameProof($school, CarbonImmutable::now());
    expectSameProof($school->fresh(), CarbonImmutable::now()->addDays(4));
});

it('follows an attack whose sides become one, and a ladder that grows', function (): void {
    $school = $this->school();
    addRep($school, 1, ['side' => 'mirrored']);
    expectSameProof($school, CarbonImmutable::now()->addMinute());
    $school->attacks()->where('code', 'wrist')->update(['hand' => 'both', 'kind' => 'wrist-both', 'thumb' => 'n/a']);
    expectSameProof($school->fresh(), CarbonImmutable::now()->addMinute());
    foreach (range(2, 6) as $number) {
        addRep($school, $number, ['rung' => 7]);
    }
    expectSameProof($school->fresh(), CarbonImmutable::now()->addMinute());
    $school->rungs()->create(['number' => 8, 'name' => 'Gale', 'pace' => 1, 'attack_told' => false, 'moment_told' => false, 'resistance' => 3, 'follow_ups' => true, 'stressors' => []]);
    expect(DB::table('proof_windows')->where('school_id', $school->id)->where('is_stale', false)->count())->toBe(0);
    expectSameProof($school->fresh(), CarbonImmutable::now()->addMinute());
});

it('shows nothing of another school’s', function (): void {
    $school = $this->school();
    $other = $this->school('Other Hall');
    addRep($other, 1);
    $everything = app(CatalogueMapper::class)->everything($school);

    expect((new WindowBook($school, $everything->catalogue))->of([Student::query()->where('school_id', $other->id)->value('id')], CarbonImmutable::now()))->toBe([Student::query()->where('school_id', $other->id)->value('id') => []]);
});

it('keeps a reason for a correction, and for nothing else', function (): void {
    $school = $this->school();

    expect(fn () => DB::transaction(fn () => addRep($school, 1, ['reason' => 'because'])))->toThrow(Illuminate\Database\QueryException::class, 'reps_reason_check');
});
