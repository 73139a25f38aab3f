<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Rep;
use App\Models\User;

final class RepPolicy
{
    public function create(User $user): bool
    {
        return $user->role->teaches();
    }

    public function correct(User $user, Rep $rep): bool
    {
        return $user->role->teaches() && $user->school_id === $rep->school_id;
    }
}
