<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RungRequest;
use App\Models\Rung;
use App\Models\User;
use App\Persistence\StandardLadder;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Ladder;

/**
 * The school's ladder of pressure. Reps name a rung by its number, which never changes: what is recorded stays as it
 * is.
 */
final class RungController
{
    public function store(RungRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $school = $user->school;
        StandardLadder::ensure($school);
        $added = DB::transaction(static function () use ($school, $request): ?Rung {
            $rungs = $school->rungs()->lockForUpdate()->pluck('number');

            return $rungs->count() >= Ladder::MAX_RUNGS
                ? null
                : $school->rungs()->create([...$request->columns(), 'number' => 1 + (int) $rungs->last()]);
        });

        return redirect()
            ->to(route('school').'#rungs')
            ->with(
                ...$added === null
                    ? ['error', __('messages.ladder-full', ['max' => Ladder::MAX_RUNGS])]
                    : ['status', __('messages.rung-added', ['name' => $added->name, 'rung' => $added->number])],
            );
    }

    public function update(RungRequest $request, Rung $rung): RedirectResponse
    {
        $rung->update($request->columns());

        return redirect()
            ->to(route('school').'#rungs')
            ->with('status', __('messages.rung-saved', ['rung' => $rung->number]));
    }

    public function destroy(Rung $rung): RedirectResponse
    {
        try {
            DB::transaction(static fn (): ?bool => $rung->delete());
        } catch (QueryException $exception) {
            // 23503: something still points to it.
            if ($exception->getCode() !== '23503') {
                throw $exception;
            }

            return redirect()
                ->to(route('school').'#rungs')
                ->with('error', __('messages.rung-stays', ['rung' => $rung->number]));
        }

        return redirect()
            ->to(route('school').'#rungs')
            ->with('status', __('messages.rung-deleted', ['rung' => $rung->number]));
    }
}
