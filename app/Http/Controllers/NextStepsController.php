<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\SetupStep;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Tells no more on the wall what to do next. */
final class NextStepsController
{
    public function destroy(#[CurrentUser] User $user): RedirectResponse
    {
        if ($user->school->setup === SetupStep::NextSteps) {
            $user->school->update(['setup' => null]);
        }

        return redirect()->route('wall');
    }
}
