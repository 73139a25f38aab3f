<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Attack;
use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\CoverageBook;
use App\Persistence\WindowBook;
use App\View\Board\ProofLine;
use App\View\Board\TimedTries;
use App\View\Drill\Kit;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use StoneDrill\Core\Coverage\Cell;
use StoneDrill\Core\Proof\ProofState;

/** Who has proven what against an attack, at the goal rung of each one's rank. */
final readonly class AttackProofController
{
    public function __construct(private CatalogueMapper $mapper, private CoverageBook $coverages) {}

    public function __invoke(#[CurrentUser] User $user, Attack $attack): View
    {
        $school = $user->school;
        $catalogue = $this->mapper->curriculum($school);
        $now = CarbonImmutable::now();
        $students = Kit::of($school);
        $windows = (new WindowBook($school, $catalogue))->of(
            array_values($students->map(static fn (Student $student): int => $student->id)->all()),
            $now,
            $attack->id,
        );
        $cells = array_values(
            array_filter(
                $this->coverages->of($school)->cells,
                static fn (Cell $cell): bool => $cell->attack->id === $attack->code,
            ),
        );
        $core = $catalogue->attack($attack->code);
        $lines = [];
        foreach ($students as $student) {
            foreach (
                ProofLine::of(
                    $this->mapper->student($student),
                    $core,
                    $student->rank->goal_rung,
                    $windows[$student->id],
                    $now,
                ) as $line
            ) {
                if ($line->state !== ProofState::Untried) {
                    $lines[] = ['line' => $line, 'id' => $student->id];
                }
            }
        }
        usort(
            $lines,
            static fn (array $a, array $b): int => [$b['line']->lower, $a['line']->student->name] <=> [
                $a['line']->lower,
                $b['line']->student->name,
            ],
        );

        return view('attacks.proof', [
            'lines' => $lines,
            'timed' => new TimedTries($attack, $catalogue, $cells),
            'hasSides' => count($cells) > 1,
            'people' => $students->count(),
            'all' => $school->students()->count(),
            'untried' => $students->count() - count(array_unique(array_column($lines, 'id'))),
        ]);
    }
}
