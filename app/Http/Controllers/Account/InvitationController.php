<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\InvitePerson;
use App\Auth\CardCode;
use App\Http\Requests\Account\InvitationRequest;
use App\Models\Invitation;
use App\Models\Role;
use App\Models\User;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** Invitations of people who have not come yet. */
final class InvitationController
{
    public function store(
        InvitationRequest $request,
        #[CurrentUser]
        User $user,
        InvitePerson $action,
    ): View|RedirectResponse {
        $role = Role::from((string) $request->validated('role'));
        $email = $request->validated('email');
        [$code, $isSent] = $action->invite(
            $user->school,
            (string) $request->validated('name'),
            $email,
            $role,
            $request->students(),
            $user,
        );
        if ($isSent) {
            return redirect()->route('accounts.index')->with('status', __('accounts.invited', ['email' => $email]));
        }

        // The code is known this once; whoever loads the page again invites anew.
        return view('accounts.card', [
            'name' => $request->validated('name'),
            'role' => $role,
            'code' => CardCode::spaced($code),
            'school' => $user->school,
            'hasFailed' => $email !== null,
        ]);
    }

    public function destroy(Invitation $invitation): RedirectResponse
    {
        $invitation->delete();

        return redirect()
            ->route('accounts.index')
            ->with('status', __('accounts.withdrawn', ['name' => $invitation->name]));
    }
}
