<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Answer;
use App\Models\Attack;
use App\Models\User;
use App\View\Workbench\Workbench;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\Request;

/** Reads beats while they are typed, and shows them move: what is wrong and where, and the floor. */
final readonly class WorkbenchController
{
    public function __construct(private Workbench $workbench) {}

    public function __invoke(Request $request, #[CurrentUser] User $user, Attack $attack): View
    {
        $school = $user->school;
        $stored = $school->answers->firstWhere('id', (int) $request->input('answer'));

        return view('workbench.answered', [
            'draft' => $this->workbench->draft(
                $request,
                $school,
                $attack,
                $request->only('beats', 'title', 'rank', 'doctrine'),
                $stored instanceof Answer ? $stored : null,
            ),
        ]);
    }
}
