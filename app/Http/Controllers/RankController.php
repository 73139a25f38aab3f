<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\RankRequest;
use App\Models\Rank;
use App\Models\User;
use App\Persistence\Code;
use App\Persistence\StandardLadder;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Database\QueryException;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** The ranks of a school, lowest first. */
final class RankController
{
    public function store(RankRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $school = $user->school;
        StandardLadder::ensure($school);
        Code::create($school->ranks(), (string) $request->string('name'), [
            ...$request->validated(),
            'position' => 1 + (int) $school->ranks()->max('position'),
        ]);

        return redirect()
            ->route('school')
            ->with('status', __('messages.rank-added', ['rank' => $request->validated('name')]));
    }

    public function update(RankRequest $request, Rank $rank): RedirectResponse
    {
        $rank->update($request->validated());

        return redirect()->route('school')->with('status', __('messages.saved', ['name' => $rank->name]));
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

            return redirect()->route('school')->with('error', __('messages.rank-stays', ['rank' => $rank->name]));
        }

        return redirect()->route('school')->with('status', __('messages.deleted', ['name' => $rank->name]));
    }
}
