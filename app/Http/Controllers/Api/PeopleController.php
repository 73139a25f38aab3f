<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\Student;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\Persistence\PeopleMapper;
use Carbon\CarbonImmutable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use StoneDrill\Core\Exchange\SchoolFile;
use StoneDrill\Core\Report\ProofReport;

/** Who trains in a school, for programs, with no more of them than that takes; and what they have proven. */
final readonly class PeopleController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function index(#[CurrentUser] User $user): JsonResponse
    {
        $students = $user->school->students()->with('rank')->get();

        return response()->json([
            'students' => $students
                ->map(
                    static fn (Student $student): array => [
                        'id' => $student->code,
                        'name' => $student->name,
                        'rank' => $student->rank->code,
                    ],
                )
                ->all(),
        ]);
    }

    /** The same as `bin/drill proof --json`, of one student now. */
    public function proofs(#[CurrentUser] User $user, string $code): JsonResponse
    {
        $student = $user->school->students()->where('code', $code)->with('rank')->firstOrFail();
        $file = new SchoolFile(
            $this->mapper->curriculum($user->school),
            [$this->mapper->student($student)],
            PeopleMapper::repsOf($student),
        );

        return response()->json(ProofReport::of($file, CarbonImmutable::now())->document());
    }
}
