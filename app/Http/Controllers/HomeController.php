<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Role;
use App\Models\School;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads everybody to where their work begins. */
final class HomeController
{
    public function __invoke(Request $request, #[CurrentUser] User $user): RedirectResponse
    {
        // What is to be said is said on the page that one is led to.
        $request->session()->reflash();
        if ($user->can('begin', School::class) && $user->school->setup !== null) {
            return redirect()->to($user->school->setup->url());
        }

        return match ($user->role) {
            Role::Guardian => redirect()->route('children'),
            Role::Student => redirect()->route('students.own', $user->student_id),
            default => redirect()->route('wall'),
        };
    }
}
