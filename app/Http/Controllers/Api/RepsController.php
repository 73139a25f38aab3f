<?php

declare(strict_types=1);

namespace App\Http\Controllers\Api;

use App\Actions\RecordSentReps;
use App\Http\Requests\MatRepsRequest;
use App\Models\Rep;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/**
 * Reps of a school, out and in, for programs. Students, attacks and answers are called by their ids in the catalogue
 * file.
 */
final readonly class RepsController
{
    /** Reps of a page. */
    private const PAGE = 200;

    /** In the order in which they came in; `next` leads to those after. */
    public function index(Request $request, #[CurrentUser] User $user): JsonResponse
    {
        $reps = $user->school
            ->reps()
            ->with(['student', 'attack', 'answer', 'attacker', 'class'])
            ->orderBy('recorded_at')
            ->orderBy('id')
            ->cursorPaginate(self::PAGE);

        return response()->json([
            'reps' => array_map(
                static fn (Rep $rep): array => [
                    'id' => $rep->id,
                    'student' => $rep->student->code,
                    'attack' => $rep->attack->code,
                    'side' => $rep->side->value,
                    'rung' => $rep->rung,
                    'outcome' => $rep->outcome->value,
                    'at' => $rep->at->format(DATE_ATOM),
                    'answer' => $rep->answer?->code,
                    'mistakes' => $rep->mistakes,
                    'touched' => $rep->touched?->value,
                    'seconds' => $rep->seconds,
                    'stressor' => $rep->stressor,
                    'replaces' => $rep->replaces,
                    'reason' => $rep->reason,
                    'attacker' => $rep->attacker?->code,
                    'attacked_by' => $rep->attacked_by?->value,
                    'class' => $rep->class?->code,
                    'source' => $rep->source->value,
                    'rules' => $rep->rules,
                ],
                $reps->items(),
            ),
            'next' => $reps->nextCursor()?->encode(),
        ]);
    }

    public function store(MatRepsRequest $request, #[CurrentUser] User $user): JsonResponse
    {
        $school = $user->school;
        $ids = [
            'student' => ($students = $school->students()->pluck('id', 'code')->all()),
            'attacker' => $students,
            'class' => $school->classes()->pluck('id', 'code')->all(),
            'attack' => $school->attackIds(),
            'answer' => $school->answerIds(),
        ];
        $reps = array_map(static function (array $rep) use ($ids): array {
            foreach ($ids as $what => $byCode) {
                $code = $rep[$what] ?? null;
                $rep["{$what}_id"] = $code === null ? null : (is_string($code) ? $byCode[$code] ?? 0 : 0);
            }

            return $rep;
        }, $request->reps());

        return response()->json((new RecordSentReps($school))->record($reps, static fn (): User => $user));
    }
}
