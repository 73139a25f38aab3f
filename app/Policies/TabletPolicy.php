<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Tablet;
use App\Models\User;

/** Who pairs tablets with a school and ends that. */
final class TabletPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function create(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function delete(User $user, Tablet $tablet): bool
    {
        return $user->role->runsSchool() && $user->school_id === $tablet->school_id;
    }
}
