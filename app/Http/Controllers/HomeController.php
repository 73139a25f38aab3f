<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Role;
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

        return match ($user->role) {
            Role::Guardian => redirect()->route('children'),
            Role::Student => redirect()->route('students.show', $user->student_id),
            default => redirect()->route('wall'),
        };
    }
}
