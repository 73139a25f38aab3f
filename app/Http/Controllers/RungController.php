<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RungRequest;
use App\Models\Rung;
use App\Persistence\StandardLadder;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;
use StoneDrill\Core\Curriculum\Ladder;

/** The school's ladder of pressure. Reps name a rung by its number, which never changes: what is recorded stays as it is. */
final class RungController
{
    public function store(RungRequest $request): RedirectResponse
    {
        $school = $request->user()->school;
        StandardLadder::ensure($school);
        $added = DB::transaction(static function () use ($school, $request): ?Rung {
            $top = $school->rungs()->lockForUpdate()->get()->last();

            return $school->rungs()->count() >= Ladder::MAX_RUNGS ? null : $school->rungs()->create([...$request->columns(), 'number' => 1 + (int) $top?->number]);
        });

        return redirect()->to(route('school').'#rungs')->with(...($added === null
            ? ['wrong', sprintf('A ladder has %d rungs at most. Take one away first.', Ladder::MAX_RUNGS)]
            : ['said', "“{$added->name}” is rung {$added->number} now."]));
    }

    public function update(RungRequest $request, Rung $rung): RedirectResponse
    {
        $rung->update($request->columns());

        return redirect()->to(route('school').'#rungs')->with('said', "Rung {$rung->number} is saved. What was recorded at it stays as it is.");
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

            return redirect()->to(route('school').'#rungs')->with('wrong', "Rung {$rung->number} stays: reps were recorded at it, or it is the goal of a rank.");
        }

        return redirect()->to(route('school').'#rungs')->with('said', "Rung {$rung->number} is deleted.");
    }
}
