<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\School;
use App\Models\Test;
use App\Models\TrainingClass;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Http\JsonResponse;

/** Classes and tests, for programs: the latest first, who came, and who goes for what. */
final class ClassesController
{
    private const MAX = 200;

    public function classes(#[CurrentUser] User $user): JsonResponse
    {
        $classes = self::latest($user->school->classes())->with('present')->get();

        return response()->json([
            'classes' => $classes
                ->map(
                    static fn (TrainingClass $class): array => [
                        'id' => $class->code,
                        'at' => $class->at->utc()->toIso8601String(),
                        'minutes' => $class->minutes,
                        'place' => $class->place,
                        'places' => $class->places,
                        'pads' => $class->pads,
                        'instructors' => $class->instructors,
                        'ranks' => $class->ranks,
                        'ages' => $class->ages?->value,
                        'students' => $class->expected()->students,
                        'present' => $class->present->pluck('code')->all(),
                        'cancelled' => $class->cancelled_at !== null,
                    ],
                )
                ->all(),
        ]);
    }

    public function tests(#[CurrentUser] User $user): JsonResponse
    {
        $tests = self::latest($user->school->tests())->with('rank', 'candidates')->get();

        return response()->json([
            'tests' => $tests
                ->map(
                    static fn (Test $test): array => [
                        'id' => $test->code,
                        'rank' => $test->rank->code,
                        'at' => $test->at->utc()->toIso8601String(),
                        'place' => $test->place,
                        'candidates' => $test->candidates->pluck('code')->all(),
                        'classes' => $test->classes,
                        'cancelled' => $test->cancelled_at !== null,
                    ],
                )
                ->all(),
        ]);
    }

    /**
     * @template T of Model
     *
     * @param HasMany<T, School> $all
     *
     * @return HasMany<T, School>
     */
    private static function latest(HasMany $all): HasMany
    {
        return $all->orderByDesc('at')->orderByDesc('id')->limit(self::MAX);
    }
}
