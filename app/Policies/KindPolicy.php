<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Kind;
use App\Models\User;

final class KindPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function create(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function update(User $user, Kind $kind): bool
    {
        return $user->role->runsSchool() && $user->school_id === $kind->school_id;
    }

    public function delete(User $user, Kind $kind): bool
    {
        return $this->update($user, $kind);
    }
}
