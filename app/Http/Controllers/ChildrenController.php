<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** The children that somebody looks after. */
final class ChildrenController
{
    public function __invoke(#[CurrentUser] User $user): View
    {
        return view('children.index', ['children' => $user->children()->withReps()->with('rank')->get()]);
    }
}
