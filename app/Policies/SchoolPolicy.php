<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class SchoolPolicy
{
    /** Whether the school is set up step by step; afterwards it has its settings. */
    public function begin(User $user): bool
    {
        return $user->role->runsSchool() && $user->school->isBeginning();
    }

    public function update(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function import(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function export(User $user): bool
    {
        return $user->role->runsSchool();
    }
}
