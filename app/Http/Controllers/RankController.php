<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RankRequest;
use App\Models\Rank;
use App\Persistence\Code;
use App\Persistence\StandardLadder;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

final class RankController
{
    public function store(RankRequest $request): RedirectResponse
    {
        $school = $request->user()->school;
        StandardLadder::ensure($school);
        Code::create($school->ranks(), (string) $request->string('name'), [
            ...$request->validated(),
            'position' => 1 + (int) $school->ranks()->max('position'),
        ]);

        return redirect()->route('school')->with('said', "“{$request->string('name')}” is the highest rank now.");
    }

    public function update(RankRequest $request, Rank $rank): RedirectResponse
    {
        $rank->update($request->validated());

        return redirect()->route('school')->with('said', "“{$rank->name}” is saved.");
    }

    public function destroy(Rank $rank): RedirectResponse
    {
        try {
            DB::transaction(static fn (): ?bool => $rank->delete());
        } catch (QueryException $exception) {
            // 23503: something still points to it; the database knows better than a list of tables kept here.
            if ($exception->getCode() !== '23503') {
                throw $exception;
            }

            return redirect()->route('school')->with('wrong', "“{$rank->name}” stays: attacks, answers or students are still of this rank. Move them first.");
        }

        return redirect()->route('school')->with('said', "“{$rank->name}” is deleted.");
    }
}
