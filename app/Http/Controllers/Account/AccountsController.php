<?php

declare(strict_types=1);

namespace App\Http\Controllers\Account;

use App\Actions\ChangeAccount;
use App\Http\Requests\Account\RoleRequest;
use App\Http\Requests\Account\SchoolFactorRequest;
use App\Models\Role;
use App\Models\User;
use App\View\Accounts\AccountList;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;
use Illuminate\Http\RedirectResponse;

/** The accounts of a school: who can sign in, and as what. */
final readonly class AccountsController
{
    public function __construct(private ChangeAccount $action) {}

    public function index(#[CurrentUser] User $user): View
    {
        return view('accounts.index', ['list' => new AccountList($user->school), 'user' => $user]);
    }

    public function edit(User $account): View
    {
        abort_if($account->isClosed(), 404);

        return view('accounts.edit', [
            'account' => $account,
            // A student is invited as such: no other account becomes one, and theirs no other.
            'roles' => array_diff_key(Role::titles(), [Role::Student->value => true]),
            'students' => $account->school->students()->with('rank')->get(),
        ]);
    }

    public function update(RoleRequest $request, User $account): RedirectResponse
    {
        return $this->answer(
            $this->action->giveRole($account, Role::from((string) $request->validated('role')), $request->children()),
            'accounts.role-given',
            $account,
        );
    }

    /** Closes it: what was done with it stays. */
    public function destroy(User $account): RedirectResponse
    {
        return $this->answer($this->action->close($account), 'accounts.closed', $account);
    }

    public function restore(User $account): RedirectResponse
    {
        $this->action->restore($account);

        return $this->answer(true, 'accounts.restored', $account);
    }

    /** What the school asks of its heads. */
    public function secondFactor(SchoolFactorRequest $request, #[CurrentUser] User $user): RedirectResponse
    {
        $user->school->update(['heads_need_totp' => $request->boolean('heads_need_totp')]);

        return redirect()->route('accounts.index')->with('status', __('accounts.factor-saved'));
    }

    private function answer(bool $isDone, string $key, User $account): RedirectResponse
    {
        return redirect()
            ->route('accounts.index')
            ->with(
                ...$isDone
                    ? ['status', __($key, ['name' => $account->name, 'role' => $account->role->title()])]
                    : ['error', __('accounts.last-head')],
            );
    }
}
