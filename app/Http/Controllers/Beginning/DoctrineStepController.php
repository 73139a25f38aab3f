<?php

declare(strict_types=1);

namespace App\Http\Controllers\Beginning;

use App\Http\Requests\Beginning\DoctrineStepRequest;
use App\Models\SetupStep;
use App\Models\User;
use App\View\Beginning\DoctrineChoice;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;
use StoneDrill\Core\Geometry\BearingStyle;

/** How the school answers. */
final readonly class DoctrineStepController
{
    public function show(#[CurrentUser] User $user): View
    {
        return view('beginning.doctrine', [
            'school' => $user->school,
            'attack' => DoctrineChoice::attack(),
            'choices' => DoctrineChoice::all(BearingStyle::from($user->school->bearings)),
        ]);
    }

    public function update(DoctrineStepRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->school->update($request->validated());
        $user->school->finish(SetupStep::Doctrine);

        return redirect()->to(SetupStep::Ranks->url());
    }
}
