<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\School;
use App\Persistence\CatalogueMapper;
use App\Persistence\WindowBook;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Proof\ProofRules;
use StoneDrill\Core\Proof\ProofState;
use StoneDrill\Core\Proof\Prover;

/** What the tests of Window share. */
final class WindowFixture
{
    /** Compares everything that is kept with proof from all reps. */
    public static function expectSameProof(School $school, CarbonImmutable $at): int
    {
        $mapper = app(CatalogueMapper::class);
        $everything = $mapper->everything($school);
        $proofs = [];
        foreach (
            (new Prover(
                $everything->catalogue->ladder,
                ProofRules::of($everything->catalogue->school->proof),
            ))->prove(
                $everything->reps,
                $everything->catalogue->attacks,
                $at,
            ) as $proof
        ) {
            $proofs["{$proof->student} {$proof->attack} {$proof->side->value} {$proof->rung}"] = $proof;
        }
        $students = $school->students()->pluck('code', 'id')->all();
        $windows = (new WindowBook($school, $everything->catalogue))->of(array_keys($students), $at);
        $seen = 0;
        foreach ($windows as $student => $ofStudent) {
            foreach ($ofStudent as $cell => $window) {
                foreach ($everything->catalogue->ladder->ids() as $rung) {
                    $proof = $proofs["{$students[$student]} {$cell} {$rung}"] ?? null;
                    expect($window->state($rung, $at))->toBe(
                        $proof->state ?? ProofState::Untried,
                        "{$students[$student]} {$cell} {$rung}",
                    );
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

    public static function addRep(School $school, int $number, array $columns = []): string
    {
        $id = sprintf('0b7e1f60-7777-4000-8000-%012d', $number);
        DB::table('reps')->insert([
            'id' => $id,
            'school_id' => $school->id,
            'student_id' => $school->students()->value('id'),
            'attack_id' => $school->attacks()->where('code', 'wrist')->value('id'),
            'side' => 'written',
            'rung' => 3,
            'outcome' => 'clean',
            'at' => now(),
            'recorded_at' => now(),
            ...$columns,
        ]);

        return $id;
    }
}
