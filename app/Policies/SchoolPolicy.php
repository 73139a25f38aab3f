<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

final class SchoolPolicy
{
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
