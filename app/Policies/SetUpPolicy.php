<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Kind;
use App\Models\Rank;
use App\Models\Rung;
use App\Models\User;

/** What a school is set up with: heads alone look at it there and change it. */
abstract class SetUpPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function create(User $user): bool
    {
        return $user->role->runsSchool();
    }

    public function update(User $user, Kind|Rank|Rung $row): bool
    {
        return $user->role->runsSchool() && $user->school_id === $row->school_id;
    }

    public function delete(User $user, Kind|Rank|Rung $row): bool
    {
        return $this->update($user, $row);
    }
}
