<?php

declare(strict_types=1);

namespace App\Http\Controllers\Beginning;

use App\Http\Requests\PolicyRequest;
use App\Models\SetupStep;
use App\Models\User;
use App\Persistence\CatalogueMapper;
use App\View\Forms\PolicyTable;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** What may hurt a partner, and how far it goes at which rank and age. */
final readonly class ContactStepController
{
    public function __construct(private CatalogueMapper $mapper) {}

    public function show(#[CurrentUser] User $user): View
    {
        return view('beginning.contact', [
            'school' => $user->school,
            'table' => new PolicyTable($this->mapper->school($user->school), $user->school->ranks),
        ]);
    }

    public function update(PolicyRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->school->update($request->columns());
        $user->school->finish(SetupStep::Contact);

        return redirect()->to(SetupStep::Curriculum->url());
    }
}
