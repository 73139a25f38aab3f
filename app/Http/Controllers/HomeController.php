<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\School;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;

/** Leads everybody to where their work begins. */
final class HomeController
{
    public function __invoke(#[CurrentUser] User $user): RedirectResponse
    {
        if ($user->can('begin', School::class) && $user->school->setup !== null) {
            return redirect()->to($user->school->setup->url());
        }

        return $user->role->teaches() ? redirect()->route('wall') : redirect()->route('students.show', $user->student_id);
    }
}
