<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** Who looks after the accounts of a school. */
final class UserPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    /** Their own account, which everybody looks after. */
    public function manageOwn(User $user): bool
    {
        return ! $user->isClosed();
    }

    /** A PIN of one’s own, which only those need who record. */
    public function setPin(User $user): bool
    {
        return $this->manageOwn($user) && $user->role->teaches();
    }

    public function create(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function update(User $user, User $account): bool
    {
        return $user->role->runsSchool() && $user->school_id === $account->school_id;
    }

    public function delete(User $user, User $account): bool
    {
        return $this->update($user, $account);
    }
}
