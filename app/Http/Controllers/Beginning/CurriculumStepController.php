<?php

declare(strict_types=1);

namespace App\Http\Controllers\Beginning;

use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\Starter;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What the school begins with: nothing, a file, or one of the curricula that ship with the application. */
final readonly class CurriculumStepController
{
    public function show(#[CurrentUser] User $user): View
    {
        return view('beginning.curriculum', ['school' => $user->school, 'starters' => Starter::cases()]);
    }

    /** It begins with nothing, or with what is there already. */
    public function update(#[CurrentUser] User $user): RedirectResponse
    {
        $user->school->finish(SetupStep::Curriculum);

        return redirect()->route('wall');
    }
}
