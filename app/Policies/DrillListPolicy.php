<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\DrillList;
use App\Models\User;

/** Whoever teaches may make lists to drill from. */
final class DrillListPolicy
{
    public function viewAny(User $user): bool
    {
        return $user->role->teaches();
    }

    public function view(User $user, DrillList $list): bool
    {
        return $user->role->teaches() && $user->school_id === $list->school_id;
    }

    public function create(User $user): bool
    {
        return $user->role->teaches();
    }

    public function update(User $user, DrillList $list): bool
    {
        return $this->view($user, $list);
    }

    public function delete(User $user, DrillList $list): bool
    {
        return $this->view($user, $list);
    }
}
