<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attack;
use App\Models\User;

final class AttackPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, Attack $attack): bool
    {
        return $user->role->teaches() && $user->school_id === $attack->school_id;
    }

    public function create(User $user): bool
    {
        return $user->role->writesCurriculum();
    }

    public function update(User $user, Attack $attack): bool
    {
        return $user->role->writesCurriculum() && $user->school_id === $attack->school_id;
    }

    public function delete(User $user, Attack $attack): bool
    {
        return $this->update($user, $attack);
    }
}
