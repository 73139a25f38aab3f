<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Models\TrainingClass;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;

/** Classes, for programs: the latest first, and who came. */
final class ClassesController
{
    private const MAX = 200;

    public function __invoke(#[CurrentUser] User $user): JsonResponse
    {
        $classes = $user->school
            ->classes()
            ->with('present')
            ->orderByDesc('at')
            ->orderByDesc('id')
            ->limit(self::MAX)
            ->get();

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
}
