<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Rung;
use App\Models\User;

final class RungPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function create(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function update(User $user, Rung $rank): bool
    {
        return $user->role->runsSchool() && $user->school_id === $rank->school_id;
    }

    public function delete(User $user, Rung $rank): bool
    {
        return $this->update($user, $rank);
    }
}
