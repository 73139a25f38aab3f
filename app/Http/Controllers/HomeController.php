<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Leads everybody to where their work begins. */
final class HomeController
{
    public function __invoke(Request $request): RedirectResponse
    {
        $user = $request->user();

        return $user->role->teaches() ? redirect()->route('wall') : redirect()->route('students.show', $user->student_id);
    }
}
