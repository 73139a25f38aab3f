<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Rank;
use App\Models\User;

final class RankPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function create(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function update(User $user, Rank $rank): bool
    {
        return $user->role->runsSchool() && $user->school_id === $rank->school_id;
    }

    public function delete(User $user, Rank $rank): bool
    {
        return $this->update($user, $rank);
    }
}
